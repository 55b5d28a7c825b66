import type { Working } from "../api/types";

export type Mark = Working["mark"];

/** Every mark, the most trusted on top. */
export const MARKS: readonly { readonly mark: Mark; readonly words: string }[] = [
	{ mark: "PUBLISHED", words: "published" },
	{ mark: "OWN_BATCHES", words: "your own batches" },
	{ mark: "COMMON_PRACTICE", words: "common practice" },
	{ mark: "FROM_MEMORY", words: "from memory" },
];

/** One small sign a number: its shape tells how far it can be trusted, the fuller the better. */
export function MarkSign({ mark }: { readonly mark: Mark }) {
	return (
		<svg className="mark-sign" width="11" height="11" viewBox="0 0 12 12" aria-hidden="true">
			{mark === "PUBLISHED" && <rect x="1.5" y="1.5" width="9" height="9" fill="currentColor" />}
			{mark === "OWN_BATCHES" && <path d="M6 .5L11.5 6 6 11.5 .5 6z" fill="currentColor" />}
			{mark === "COMMON_PRACTICE" && (
				<circle cx="6" cy="6" r="4.4" fill="none" stroke="currentColor" strokeWidth="1.8" />
			)}
			{mark === "FROM_MEMORY" && (
				<circle cx="6" cy="6" r="4.4" fill="none" stroke="currentColor" strokeWidth="1.8" strokeDasharray="2.6 2" />
			)}
		</svg>
	);
}

/** What the signs mean. */
export function MarkLegend() {
	return (
		<ul className="mark-legend" aria-label="What the signs beside numbers mean">
			{MARKS.map(({ mark, words }) => (
				<li key={mark}>
					<MarkSign mark={mark} /> {words}
				</li>
			))}
		</ul>
	);
}
