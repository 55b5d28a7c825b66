import type { Garden } from "../api/types";

/** The clock on the garden's wall: where its days begin, and how its hours are written. */
export type Wall = Pick<Garden, "zone" | "clockface">;

/** Stands in until the garden is known. */
export const GREENWICH: Wall = { zone: "UTC", clockface: "HOURS_24" };

/** Moments come from the server as ISO texts; they are read by the garden's clock, never by the browser's. */
export function dayOf(instant: string, wall: Wall): string {
	return format(instant, { day: "numeric", month: "short" }, wall);
}

/** "Wed 25 November, 8:10" */
export function dayAndTime(instant: string, wall: Wall): string {
	return format(instant, { weekday: "short", day: "numeric", month: "long", hour: "numeric", minute: "2-digit" }, wall);
}

/** "Wed 25 Nov 8:10" */
export function shortDayAndTime(instant: string, wall: Wall): string {
	return format(
		instant,
		{ weekday: "short", day: "numeric", month: "short", hour: "numeric", minute: "2-digit" },
		wall,
	);
}

/** "Wed 25 Nov", of a calendar day such as 2026-11-25. */
export function calendarDay(day: string): string {
	return format(`${day}T12:00:00Z`, { weekday: "short", day: "numeric", month: "short" }, GREENWICH);
}

/** "8:10" */
export function timeOf(instant: string, wall: Wall): string {
	return format(instant, { hour: "numeric", minute: "2-digit" }, wall);
}

function format(instant: string, parts: Intl.DateTimeFormatOptions, wall: Wall): string {
	const twelve = wall.clockface === "HOURS_12";
	const hours = parts.hour ? ({ hourCycle: twelve ? "h12" : "h23" } as const) : {};
	return new Intl.DateTimeFormat("en-GB", { ...parts, ...hours, timeZone: wall.zone })
		.format(new Date(instant))
		.replace("12:00 pm", "12:00 noon")
		.replace("12:00 am", "12:00 midnight");
}

/** Whether two moments lie on the same day there. */
export function onSameDay(one: string, other: string, wall: Wall): boolean {
	const day = { day: "numeric", month: "numeric", year: "numeric" } as const;
	return format(one, day, wall) === format(other, day, wall);
}

export const DAY_MS = 86_400_000;

export function millis(instant: string): number {
	return new Date(instant).getTime();
}

/** A calendar day so many days on. */
export function dayAfter(day: string, days: number): string {
	return new Date(millis(`${day}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}
