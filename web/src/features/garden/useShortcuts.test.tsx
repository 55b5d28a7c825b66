import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter, useLocation } from "react-router";
import { describe, expect, it, vi } from "vitest";
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

function show(onList = () => {}) {
	render(
		<MemoryRouter>
			<Trial onList={onList} />
		</MemoryRouter>,
	);
}

describe("useShortcuts", () => {
	it.each([
		["1", "/round"],
		["2", "/pots"],
		["3", "/mix"],
		["/", "/codes"],
		["n", "/pots/new"],
	])("opens a view with %s", async (key, path) => {
		show();
		await userEvent.keyboard(key);
		expect(screen.getByRole("status")).toHaveTextContent(path);
	});

	it("keeps still while something is typed", async () => {
		show();
		await userEvent.type(screen.getByLabelText("Name"), "n2");
		expect(screen.getByRole("status").textContent).toBe("/");
	});

	it("lists the keys", async () => {
		const onList = vi.fn();
		show(onList);
		await userEvent.keyboard("?");
		expect(onList).toHaveBeenCalledOnce();
	});
});
