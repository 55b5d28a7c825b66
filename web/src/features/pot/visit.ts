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
