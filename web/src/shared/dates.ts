/** Moments come from the server as ISO texts; they are read in the garden's zone, never in the browser's. */
export function dayOf(instant: string, zone: string): string {
	return format(instant, { day: "numeric", month: "short" }, zone);
}

/** "Wed 25 November, 8:10" */
export function dayAndTime(instant: string, zone: string): string {
	return format(instant, { weekday: "short", day: "numeric", month: "long", hour: "numeric", minute: "2-digit" }, zone);
}

/** "Wed 25 Nov 8:10" */
export function shortDayAndTime(instant: string, zone: string): string {
	return format(
		instant,
		{ weekday: "short", day: "numeric", month: "short", hour: "numeric", minute: "2-digit" },
		zone,
	);
}

/** "Wed 25 Nov", of a calendar day such as 2026-11-25. */
export function calendarDay(day: string): string {
	return format(`${day}T12:00:00Z`, { weekday: "short", day: "numeric", month: "short" }, "UTC");
}

/** "8:10" */
export function timeOf(instant: string, zone: string): string {
	return format(instant, { hour: "numeric", minute: "2-digit" }, zone);
}

function format(instant: string, parts: Intl.DateTimeFormatOptions, zone: string): string {
	return new Intl.DateTimeFormat("en-GB", { ...parts, timeZone: zone }).format(new Date(instant));
}

/** Whether two moments lie on the same day there. */
export function onSameDay(one: string, other: string, zone: string): boolean {
	const day = { day: "numeric", month: "numeric", year: "numeric" } as const;
	return format(one, day, zone) === format(other, day, zone);
}

export const DAY_MS = 86_400_000;

export function millis(instant: string): number {
	return new Date(instant).getTime();
}

/** A calendar day so many days on. */
export function dayAfter(day: string, days: number): string {
	return new Date(millis(`${day}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}
