import { render, screen } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { describe, expect, it } from "vitest";
import type { Bottle } from "../../api/types";
import { BottleShelf } from "./BottleShelf";

const WORKING = { mark: "PUBLISHED", markWords: "derived", steps: [] } as const;

const BOTTLE: Bottle = {
	id: "b1",
	code: "P3",
	name: "Pea-shoot juice",
	batchId: "p1",
	level: "620 mL",
	also: "21 fl oz",
	levelWorking: { ...WORKING, steps: [] },
	levelShare: 0.97,
	useBy: "2027-04-22",
	useByWords: "keeps to 22 Apr 2027",
	useByWorking: { ...WORKING, steps: [] },
	freshness: "FRESH",
	keptWords: "cool and dark",
	labelLine: "P3 · Pea-shoot juice",
	soilOnly: false,
	nothingEdible: false,
	place: "Cold box",
	productId: "plant-juice",
	poured: true,
};

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
		expect(screen.queryByRole("link")).toBeNull();
	});

	it("says what it will hold while it holds nothing", () => {
		show([]);
		expect(screen.getByText(/Straining a ready pot puts one here/)).toBeVisible();
	});
});
