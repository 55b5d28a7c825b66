import { render } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { BottleDrawing } from "./BottleDrawing";

function drawn(share: number, past = false) {
	const { container } = render(<BottleDrawing share={share} colour="STRAW" past={past} />);
	const level = container.querySelector("rect");
	return { top: Number(level?.getAttribute("y")), fill: level?.getAttribute("fill") };
}

describe("BottleDrawing", () => {
	it("stands the higher the more is left", () => {
		const tops = [0, 0.25, 0.5, 1].map((share) => drawn(share).top);
		expect(tops).toEqual([...tops].sort((one, other) => other - one));
		expect(tops[2]).toBeCloseTo(((tops[0] ?? 0) + (tops[3] ?? 0)) / 2);
	});

	it("neither overflows nor runs below its floor", () => {
		expect(drawn(1.4).top).toBe(drawn(1).top);
		expect(drawn(-0.2).top).toBe(drawn(0).top);
	});

	it("has the colour of its brew, until that is past its day", () => {
		expect(drawn(0.5).fill).toBe("var(--brew-straw)");
		expect(drawn(0.5, true).fill).toBe("var(--plum)");
	});
});
