import type { Check } from "../api/types";

/** A visit that is logged here but hasn't reached the server. Its key keeps it from counting twice. */
export type Waiting = {
	readonly key: string;
	readonly potId: string;
	readonly potName: string;
	readonly check: Check;
	/** What the server said against it; absent while it only waits for a connection. */
	readonly refused?: string;
};

const PLACE = "pot-mellow.outbox";
const CHANGED = "pot-mellow:outbox";

/** Everything that waits, the oldest first. */
export function waiting(): readonly Waiting[] {
	try {
		const kept = JSON.parse(window.localStorage.getItem(PLACE) ?? "[]");
		return Array.isArray(kept) ? kept : [];
	} catch {
		return [];
	}
}

/** Keeps a visit; the same key replaces what was kept under it. */
export function keep(entry: Waiting): void {
	write([...waiting().filter((other) => other.key !== entry.key), entry]);
}

export function drop(key: string): void {
	write(waiting().filter((other) => other.key !== key));
}

function write(entries: readonly Waiting[]): void {
	window.localStorage.setItem(PLACE, JSON.stringify(entries));
	window.dispatchEvent(new Event(CHANGED));
}

/** Calls back whenever something was kept or dropped, here or in another tab. */
export function onChange(call: () => void): () => void {
	window.addEventListener(CHANGED, call);
	window.addEventListener("storage", call);
	return () => {
		window.removeEventListener(CHANGED, call);
		window.removeEventListener("storage", call);
	};
}
