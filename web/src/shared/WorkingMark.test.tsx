import { render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Working } from "../api/types";
import { MARKS, MarkSign } from "./MarkSign";
import { WorkingMark } from "./WorkingMark";

const WORKING: Working = {
	mark: "FROM_MEMORY",
	markWords: "derived, from memory",
	steps: [
		{
			words: "Plant = juice wanted ÷ usual yield.",
			figures: [{ name: "usual yield", value: "1 L per kg" }],
			result: "500 g",
			markWords: "derived, from memory",
			source: "A printed table",
		},
	],
};

describe("WorkingMark", () => {
	it("shows how far the number can be trusted", () => {
		render(<WorkingMark of="Leaves" working={WORKING} />);
		const mark = screen.getByRole("button", { name: "Leaves: how it was worked out (derived, from memory)" });
		expect(mark).toHaveTextContent("derived, from memory");
	});

	it("has a sign of its own for every degree of trust, and says what they mean", async () => {
		const signs = MARKS.map(({ mark }) => render(<MarkSign mark={mark} />).container.innerHTML);
		expect(new Set(signs).size).toBe(MARKS.length);
		render(<WorkingMark of="Leaves" working={WORKING} />);
		await userEvent.click(screen.getByRole("button", { name: /how it was worked out/ }));
		const legend = await screen.findByRole("list", { name: /What the signs/ });
		expect(legend).toHaveTextContent("published your own batches common practice from memory");
	});

	it("opens the rule, its figures, what came out and the source with one tap", async () => {
		render(<WorkingMark of="Leaves" working={WORKING} />);
		await userEvent.click(screen.getByRole("button", { name: /how it was worked out/ }));
		const slip = within(await screen.findByRole("dialog", { name: "Leaves" }));
		expect(slip.getByText("Plant = juice wanted ÷ usual yield.")).toBeVisible();
		expect(slip.getByText("usual yield")).toBeVisible();
		expect(slip.getByText("1 L per kg")).toBeVisible();
		expect(slip.getByText("500 g")).toBeVisible();
		expect(slip.getByText(/A printed table/)).toBeVisible();
	});
});
