import { describe, expect, it } from "vitest";
import { dayAndTime, shortDayAndTime, timeOf } from "./dates";

const LONDON = { zone: "Europe/London" } as const;

describe("a moment by the garden's clock", () => {
	it.each([
		["2026-05-20T23:00:00Z", "0:00", "12:00 midnight"],
		["2026-05-20T23:10:00Z", "0:10", "12:10 am"],
		["2026-05-20T07:10:00Z", "8:10", "8:10 am"],
		["2026-05-20T11:00:00Z", "12:00", "12:00 noon"],
		["2026-05-20T15:30:00Z", "16:30", "4:30 pm"],
	])("%s is %s, or %s", (moment, of24, of12) => {
		expect(timeOf(moment, { ...LONDON, clockface: "HOURS_24" })).toBe(of24);
		expect(timeOf(moment, { ...LONDON, clockface: "HOURS_12" })).toBe(of12);
	});

	it("is told with its day", () => {
		const wall = { ...LONDON, clockface: "HOURS_12" } as const;
		expect(dayAndTime("2026-05-20T15:30:00Z", wall)).toContain("20 May");
		expect(shortDayAndTime("2026-05-20T15:30:00Z", wall)).toMatch(/4:30 pm$/);
	});
});
