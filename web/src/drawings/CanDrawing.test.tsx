import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { CanDrawing } from "./CanDrawing";

function layers(container: HTMLElement) {
	const [water, brew] = [...container.querySelectorAll("g[clip-path] rect")];
	return { water: Number(water?.getAttribute("height")), brew: Number(brew?.getAttribute("height")) };
}

describe("CanDrawing", () => {
	it.each([
		["can", "Watering can"],
		["drip", "Drip tank"],
		["hand", "Hand sprayer"],
		["back", "Back sprayer"],
	] as const)("names a %s and what it holds", (kind, words) => {
		render(<CanDrawing kind={kind} mixShare={1} brewShare={0.002} colour="STRAW" words="10 L" />);
		expect(screen.getByRole("img", { name: `${words}, filled with 10 L` })).toBeVisible();
	});

	it("fills it by the share of the filling", () => {
		const { container } = render(<CanDrawing kind="can" mixShare={0.5} brewShare={0.2} colour="STRAW" words="5 L" />);
		expect(layers(container)).toEqual({ water: 52, brew: 10 });
	});

	it("draws the brew in its colour", () => {
		const { container } = render(<CanDrawing kind="can" mixShare={1} brewShare={0.2} colour="AMBER" words="10 L" />);
		expect(container.querySelector("[fill='var(--brew-amber)']")).toBeInTheDocument();
	});

	it("draws a thin brew thick enough to be seen", () => {
		const { container } = render(<CanDrawing kind="can" mixShare={1} brewShare={0.0005} colour="STRAW" words="10 L" />);
		expect(layers(container).brew).toBe(6);
	});
});
