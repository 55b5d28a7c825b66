import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { InstrumentDrawing } from "./InstrumentDrawing";

function drawn(id: string, shown: Record<string, number>): SVGSVGElement {
	const { container } = render(<InstrumentDrawing id={id} shown={shown} words="told" />);
	return container.querySelector("svg") as SVGSVGElement;
}

describe("the pictures of the instruments", () => {
	it("tell in words what they show", () => {
		drawn("sugar", {});
		expect(screen.getByRole("img", { name: "told" })).toBeInTheDocument();
	});

	it.each([
		["ratio", { water: 10, share: 0.09 }, { water: 1000, share: 0.001 }],
		["shells", { left: 0.2, gas: 3 }, { left: 0.9, gas: 12 }],
		["sugar", { activity: 0.97 }, { activity: 0.86 }],
		["bran", { moisture: 0.25, squeeze: 0 }, { moisture: 0.25, squeeze: 3 }],
		["air", { supply: 1, demand: 0.2 }, { supply: 1, demand: 2 }],
		["water", { hours: 24, acid: 20 }, { hours: 0, acid: 20 }],
		["heap", { now: 30 }, { now: 52 }],
		["heap", { now: 50, limit: 49 }, { now: 50, limit: 51 }],
		["can", { n: 10 }, { n: 100 }],
		["glass", { MILLILITRE: 100 }, { MILLILITRE: 700 }],
	])("change as %s is turned", (id, one, other) => {
		expect(drawn(id, one as Record<string, number>).innerHTML).not.toBe(
			drawn(id, other as Record<string, number>).innerHTML,
		);
	});

	it("say in words that a tea turns airless", () => {
		drawn("air", { supply: 0.1, demand: 1 });
		expect(screen.getByText("✕ airless")).toBeInTheDocument();
	});
});
