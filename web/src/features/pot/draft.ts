import { useState } from "react";
import type { Meter } from "../../api/types";

/** What was tapped and typed at a pot and isn't logged yet. */
export type Visit = {
	readonly signs: Readonly<Record<string, string>>;
	readonly readings: Readonly<Record<string, string>>;
	readonly standIns: readonly Meter["meter"][];
	readonly note: string;
	readonly when: string;
	readonly replaced: string;
	readonly drained: string;
};

export const NOTHING: Visit = { signs: {}, readings: {}, standIns: [], note: "", when: "", replaced: "", drained: "" };

/**
 * A visit that stays with its pot until it is logged: another stop, another page or a reload in between loses nothing. It is kept in
 * this tab only.
 *
 * @param potId which pot; nothing is kept without one
 * @param start what it opens with where nothing is kept
 */
export function useDraft(potId: string | undefined, start: Visit) {
	const place = potId && `visit ${potId}`;
	const [visit, setVisit] = useState<Visit>(() => kept(place) ?? start);
	const change = (next: Visit) => {
		setVisit(next);
		if (place && next === NOTHING) {
			sessionStorage.removeItem(place);
		} else if (place) {
			sessionStorage.setItem(place, JSON.stringify(next));
		}
	};
	return [visit, change] as const;
}

function kept(place: string | undefined): Visit | undefined {
	const stored = place ? sessionStorage.getItem(place) : null;
	return stored ? { ...NOTHING, ...(JSON.parse(stored) as Partial<Visit>) } : undefined;
}
