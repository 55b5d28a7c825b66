import type { ViewName } from "./views";

const LINES: Partial<Record<ViewName, string>> = {
	Round: "M4 18c2-9 12-3 14-13",
	Pots: "M7 3h8v3c4 3 3 6 3 9 0 3-2 4-4 4H8c-2 0-4-1-4-4 0-3-1-6 3-9z",
	Mix: "M3 15a8 8 0 0 1 16 0M11 15l4-6",
	Garden: "M11 20V9M11 12c-6 0-7-5-7-7 5 0 7 3 7 7zM11 10c0-4 3-6 7-6 0 4-2 6-7 6z",
	More: "M3 8h16M3 14h16",
};

/** The sign of a view in the phone's bar. */
export function ViewIcon({ name }: { readonly name: ViewName }) {
	return (
		<svg className="view-icon" width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
			<path d={LINES[name]} fill="none" stroke="currentColor" strokeWidth="1.8" strokeLinecap="round" />
			{name === "Round" && (
				<>
					<circle cx="4" cy="18" r="2.2" fill="var(--clay)" />
					<circle cx="18" cy="5" r="2.2" fill="var(--clay)" />
				</>
			)}
		</svg>
	);
}
