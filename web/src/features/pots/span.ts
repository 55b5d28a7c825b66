/** How far back the axis of pots reaches. */
export type Span = "weeks" | "months" | "all";

export const SPANS = [
	{ id: "weeks", words: "4 weeks" },
	{ id: "months", words: "4 months" },
	{ id: "all", words: "all" },
] as const;

/** Days from now back to the start of the axis. */
export function spanDays(span: Span): number {
	return { weeks: 28, months: 122, all: Number.POSITIVE_INFINITY }[span];
}
