import { render } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Chart } from "./BenchChart";
import BenchChartDrawn from "./BenchChartDrawn";

function curve(name: string, y: (x: number) => number) {
	return { name, points: Array.from({ length: 25 }, (_, x) => ({ x, y: y(x) })) };
}

function numbersAlong(lines: Chart["lines"], limit: number): string[] {
	const chart: Chart = { title: "", x: "hours", y: "it", lines, limits: [{ name: "limit", y: limit }] };
	const { container } = render(<BenchChartDrawn chart={chart} />);
	return [...container.querySelectorAll(".recharts-yAxis-tick-labels text")].map((text) => text.textContent ?? "");
}

describe("a curve of the bench", () => {
	it.each([
		["a heap", [curve("alone", (x) => 45 + 0.7 * x), curve("spread", (x) => 45 - 0.7 * x)], 49, "20 30 40 50 60 70"],
		["a share", [curve("done", (x) => 100 * (1 - Math.exp(-x / 5)))], 85, "0 20 40 60 80 100"],
		["water activity", [curve("mix", (x) => 0.98 - 0.008 * x)], 0.8, "0.75 0.8 0.85 0.9 0.95 1"],
		["what lies below its limit", [curve("mix", (x) => 0.1 * x)], 5, "0 1 2 3 4 5"],
		["what takes three digits", [curve("over", (x) => 94 + 0.58 * x)], 100, "90 95 100 105 110"],
		["what stays as it is", [curve("flat", () => 5)], 5, "5"],
	])("stands at even steps and holds its limit: %s", (_, lines, limit, numbers) => {
		expect(numbersAlong(lines, limit)).toEqual(numbers.split(" "));
	});
});
