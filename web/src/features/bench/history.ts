import type { Entries } from "./queries";

const KEY = "potmellow.bench";
const MOST = 12;

/** A use of an instrument, kept on this device alone. */
export type Use = { readonly id: string; readonly entries: Entries; readonly headline: string };

/** The last uses, the latest first. */
export function lastUses(id: string): Use[] {
	return all().filter((use) => use.id === id);
}

/** Remembers a use; the same entries once only. */
export function remember(use: Use): void {
	const same = JSON.stringify(use.entries);
	const others = all().filter((one) => one.id !== use.id || JSON.stringify(one.entries) !== same);
	const kept = [use, ...others].filter(
		(one, index, list) => list.slice(0, index).filter((before) => before.id === one.id).length < MOST,
	);
	try {
		localStorage.setItem(KEY, JSON.stringify(kept));
	} catch {
		// A full or forbidden store only costs the history.
	}
}

function all(): Use[] {
	try {
		const stored: unknown = JSON.parse(localStorage.getItem(KEY) ?? "[]");
		return Array.isArray(stored) ? (stored as Use[]) : [];
	} catch {
		return [];
	}
}
