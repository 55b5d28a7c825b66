import { render } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Chart } from "./BenchChart";
import BenchChartDrawn from "./BenchChartDrawn";

function curve(name: string, y: (x: number) => number, from = 0, step = 1) {
	return { name, points: Array.from({ length: 25 }, (_, at) => ({ x: from + step * at, y: y(from + step * at) })) };
}

function drawn(chart: Omit<Chart, "title" | "x" | "y">) {
	return render(<BenchChartDrawn chart={{ title: "", x: "hours", y: "it", ...chart }} />).container;
}

function numbers(container: HTMLElement, axis: string): string[] {
	return [...container.querySelectorAll(`.recharts-${axis}-tick-labels text`)].map((text) => text.textContent ?? "");
}

describe("a curve of the bench", () => {
	it.each([
		["a heap", [curve("alone", (x) => 45 + 0.7 * x), curve("spread", (x) => 45 - 0.7 * x)], 49, "20 30 40 50 60 70"],
		["a share", [curve("done", (x) => 100 * (1 - Math.exp(-x / 5)))], 85, "0 20 40 60 80 100"],
		["water activity", [curve("mix", (x) => 0.98 - 0.008 * x)], 0.8, "0.75 0.8 0.85 0.9 0.95 1"],
		["what lies below its limit", [curve("mix", (x) => 0.1 * x)], 5, "0 1 2 3 4 5"],
		["what takes three digits", [curve("over", (x) => 94 + 0.58 * x)], 100, "90 95 100 105 110"],
		["what stays as it is", [curve("flat", () => 5)], 5, "5"],
	])("stands at even steps and holds its limit: %s", (_, lines, limit, expected) => {
		expect(numbers(drawn({ lines, limits: [{ name: "limit", y: limit }] }), "yAxis")).toEqual(expected.split(" "));
	});

	it.each([
		["hours of a day", 0, 1, "0 5 10 15 20"],
		["days from the second on", 2.5, 0.25, "4 6 8"],
		["shares of a part", 0, 0.01, "0 0.05 0.1 0.15 0.2"],
		["grams in thousands", 600, 100, "1000 1500 2000 2500 3000"],
	])("goes along its bottom at even steps: %s", (_, from, step, expected) => {
		const lines = [curve("it", (x) => x, from, step)];
		expect(numbers(drawn({ lines, limits: [] }), "xAxis")).toEqual(expected.split(" "));
	});
});
