import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { Load } from "../../api/types";
import { amount, serve, show, WORKING } from "../../testing/serve";
import { BigCan } from "./BigCan";

function load(count: number, mix: string, brew: string, water: string): Load {
	return {
		count,
		mix,
		mixShare: 1,
		brewShare: 0.1,
		water: amount(water),
		brews: [{ name: "juice", text: brew, onTool: brew, tool: "a syringe", first: "", deviation: "", working: WORKING }],
	} as unknown as Load;
}

describe("BigCan", () => {
	it("leads from one filling to the next, each in its own numbers, and is done after the last", async () => {
		serve({});
		const onClose = vi.fn();
		show(
			<BigCan
				loads={[load(2, "10 L", "20 mL", "9.98 L"), load(1, "4 L", "8 mL", "3.99 L")]}
				names={["Dock juice"]}
				onClose={onClose}
			/>,
		);
		const dialog = within(await screen.findByRole("dialog"));
		expect(dialog.getByText("Filling 1 of 3")).toBeVisible();
		expect(dialog.getByText("20 mL")).toBeVisible();
		await userEvent.click(dialog.getByRole("button", { name: "Next filling" }));
		expect(dialog.getByText("20 mL")).toBeVisible();
		await userEvent.click(dialog.getByRole("button", { name: "Next filling" }));
		expect(dialog.getByText("Filling 3 of 3")).toBeVisible();
		expect(dialog.getByText("3.99 L")).toBeVisible();
		await userEvent.click(dialog.getByRole("button", { name: "The one before" }));
		expect(dialog.getByText("Filling 2 of 3")).toBeVisible();
		await userEvent.click(dialog.getByRole("button", { name: "Next filling" }));
		await userEvent.click(dialog.getByRole("button", { name: "Done" }));
		expect(onClose).toHaveBeenCalledOnce();
	});
});
