import { render } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { FeedScale, FeedStrip, type StripMark } from "./FeedStrip";

function strip(width: number, marks: readonly StripMark[]) {
	const { container } = render(
		<FeedStrip width={width} from="2026-03-25" until="2026-06-17" today="2026-05-20" marks={marks} />,
	);
	return container;
}

function scale(width: number) {
	return render(<FeedScale width={width} from="2026-03-25" until="2026-06-17" today="2026-05-20" />).container;
}

function places(container: HTMLElement): readonly number[] {
	return [...container.querySelectorAll("g[transform]")].map((mark) =>
		Number(/translate\(([\d.]+)/.exec(mark.getAttribute("transform") ?? "")?.[1]),
	);
}

function mark(day: string, kind: StripMark["kind"]): StripMark {
	return { day, kind, words: kind };
}

describe("FeedStrip", () => {
	it("lays marks out in the order of their days", () => {
		const at = places(
			strip(600, [mark("2026-04-01", "FEED"), mark("2026-05-20", "LOOK"), mark("2026-06-10", "PROPOSED_FEED")]),
		);
		expect(at).toEqual([...at].sort((one, other) => one - other));
		expect(at[0]).toBeGreaterThan(0);
		expect(at[2]).toBeLessThan(600);
	});

	it("sets marks of one day beside each other", () => {
		const at = places(strip(600, [mark("2026-05-20", "PROPOSED_LOOK"), mark("2026-05-20", "PROPOSED_FEED")]));
		expect((at[1] ?? 0) - (at[0] ?? 0)).toBe(17);
	});

	it("keeps the last mark within its edge", () => {
		const at = places(strip(300, [mark("2026-06-17", "PROPOSED_FEED"), mark("2026-06-17", "PROPOSED_WATER")]));
		expect(at[1]).toBeLessThan(300);
	});

	it.each([
		[600, 12],
		[340, 6],
	])("dates as many weeks as have room on %d pixels", (width, atMost) => {
		const dates = [...scale(width).querySelectorAll("text")].map((text) => text.textContent);
		expect(dates[0]).toBe("25 Mar");
		expect(dates.length).toBeGreaterThan(3);
		expect(dates.length).toBeLessThanOrEqual(atMost);
	});

	it("draws what is proposed dashed, and what was done whole", () => {
		const container = strip(600, [mark("2026-05-01", "FEED"), mark("2026-06-01", "PROPOSED_FEED")]);
		const [done, proposed] = [...container.querySelectorAll("g[transform] path")];
		expect(done).not.toHaveAttribute("stroke-dasharray");
		expect(proposed).toHaveAttribute("stroke-dasharray");
	});

	it("tells its days once, on a scale of its own, and never over “today”", () => {
		const told = [...scale(600).querySelectorAll("text")].map((text) => text.textContent);
		expect(told).toContain("25 Mar");
		expect(told).toContain("today");
		expect(told).not.toContain("20 May");
		expect(strip(600, []).querySelectorAll("text")).toHaveLength(0);
	});
});
