import { describe, expect, it } from "vitest";
import { BUCKET, heightOf, JAR, slicePath } from "./jarShape";

describe("heightOf", () => {
	it("stands on the floor when empty and at the rim when full", () => {
		expect(heightOf(0, JAR)).toBe(0);
		expect(heightOf(1, JAR)).toBeCloseTo(JAR.height, 0);
	});

	it("rises with the share, and never beyond the rim", () => {
		const heights = [0.1, 0.25, 0.5, 0.75, 0.9].map((share) => heightOf(share, BUCKET));
		expect([...heights].sort((one, other) => one - other)).toEqual(heights);
		expect(heightOf(3, BUCKET)).toBeLessThanOrEqual(BUCKET.height);
	});

	it("is exact for a straight wall", () => {
		const cylinder = { height: 200, halfWidth: () => 50 };
		expect(heightOf(0.37, cylinder)).toBeCloseTo(74, 6);
	});

	it("stands above half way at half the volume where the vessel is wider on top", () => {
		expect(heightOf(0.5, BUCKET)).toBeGreaterThan(BUCKET.height / 2);
	});
});

describe("slicePath", () => {
	it("closes the outline between two heights", () => {
		const path = slicePath(0, 100, BUCKET, 130, 372);
		expect(path.startsWith("M212.0,372.0")).toBe(true);
		expect(path.endsWith("Z")).toBe(true);
	});
});
