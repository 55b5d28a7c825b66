/** What a picture is drawn from: the numbers and marks of an answer, by their ids. */
export type Face = {
	readonly shown: Readonly<Record<string, number>>;
};

/** The line that all pictures of the bench are drawn with. */
export const INK = { fill: "none", stroke: "var(--ink)", strokeWidth: 2.4, strokeLinejoin: "round" } as const;

/** The hand of a scale. */
export const HAND = { fill: "var(--clay)", stroke: "var(--ink)", strokeWidth: 1.4 } as const;

export function between(value: number, least: number, most: number): number {
	return Math.max(least, Math.min(most, value));
}
