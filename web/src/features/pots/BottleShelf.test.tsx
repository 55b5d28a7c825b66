import { render, screen } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { describe, expect, it } from "vitest";
import type { Bottle } from "../../api/types";
import { BOTTLE } from "../../testing/pot";
import { BottleShelf } from "./BottleShelf";

function show(bottles: readonly Bottle[]) {
	render(
		<MemoryRouter>
			<BottleShelf bottles={bottles} />
		</MemoryRouter>,
	);
}

describe("BottleShelf", () => {
	it("leads from each bottle to its mix", () => {
		show([BOTTLE]);
		expect(screen.getByRole("link", { name: /P3 Pea-shoot juice/ })).toHaveAttribute("href", "/mix?bottle=b1");
	});

	it("leaves empty bottles out", () => {
		show([{ ...BOTTLE, freshness: "EMPTY" }]);
		expect(screen.queryByRole("link", { name: /P3/ })).toBeNull();
	});

	it("says what it will hold while it holds nothing", () => {
		show([]);
		expect(screen.getByText(/Straining a ready pot puts one here/)).toBeVisible();
	});
});
