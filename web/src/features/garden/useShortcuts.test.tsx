import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useLocation } from "react-router";
import { describe, expect, it, vi } from "vitest";
import { serve, show } from "../../testing/serve";
import { useShortcuts } from "./useShortcuts";

function Trial({ onList }: { readonly onList: () => void }) {
	useShortcuts(onList);
	return (
		<>
			<output>{useLocation().pathname}</output>
			<input aria-label="Name" />
		</>
	);
}

function listen(role: string, onList = () => {}) {
	serve({
		"GET /api/me": () => [200, { letIn: true, atTheMachine: false, name: "Wilma", role, keeps: true }],
	});
	show(<Trial onList={onList} />);
}

describe("useShortcuts", () => {
	it.each([
		["1", "/round"],
		["2", "/pots"],
		["3", "/mix"],
		["/", "/codes"],
		["n", "/pots/new"],
	])("opens a view with %s", async (key, path) => {
		listen("OWNER");
		await userEvent.keyboard(key);
		expect(screen.getByRole("status")).toHaveTextContent(path);
	});

	it("opens nothing with a key of what isn't for whoever only goes the rounds", async () => {
		listen("LOOKER");
		await waitFor(async () => {
			await userEvent.keyboard("9");
			await userEvent.keyboard("2");
			expect(screen.getByRole("status")).toHaveTextContent("/practice");
		});
	});

	it("keeps still while something is typed", async () => {
		listen("OWNER");
		await userEvent.type(screen.getByLabelText("Name"), "n2");
		expect(screen.getByRole("status").textContent).toBe("/");
	});

	it("lists the keys", async () => {
		const onList = vi.fn();
		listen("OWNER", onList);
		await userEvent.keyboard("?");
		expect(onList).toHaveBeenCalledOnce();
	});
});
