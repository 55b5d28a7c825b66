import { useRef, useState } from "react";

const PREFIX = "typed: ";
/** What somebody left lying so long is nothing that they still mean. */
const LONGEST_MS = 30 * 86_400_000;

type Kept<T> = { readonly value: T; readonly at: number };

export type Typed<T> = {
	readonly typed: T;
	readonly change: (part: Partial<T>) => void;
	/** It was sent, or isn't meant any more: the form is as it was at first, or as it goes on from here. */
	readonly letGo: (next?: T) => void;
	/** When what the form opened with was typed; left out where it opened fresh. */
	readonly since?: string;
};

/**
 * What is typed and chosen in a form and isn't sent yet. It is kept on this device: another page, a reload, a browser that was
 * closed in between lose nothing, until it is sent or let go of. A form stays what it was opened as; of something else it is another
 * one, with a key of its own.
 *
 * @param named which form, and of what; nothing is kept without one
 * @param start what it opens with where nothing is kept
 */
export function useTyped<T extends object>(named: string | undefined, start: T): Typed<T> {
	const [place] = useState(named);
	const [{ typed, since }, setState] = useState(() => opened(place, start));
	// Of two changes at once the second builds on the first, before the page is drawn again.
	const latest = useRef(typed);
	const show = (next: T, typedAt?: string) => {
		latest.current = next;
		setState({ typed: next, since: typedAt });
	};
	return {
		typed,
		since,
		change: (part) => {
			const next = { ...latest.current, ...part };
			keep(place, next);
			show(next, since);
		},
		letGo: (next = start) => {
			keep(place, undefined);
			show(next);
		},
	};
}

/** Lets go of everything that was typed and not sent: whoever goes takes nothing with them. */
export function forgetTyped(): void {
	forget(() => true);
}

/** Lets go of what nobody came back to. */
export function forgetOldTyped(): void {
	forget((kept) => !kept || isOld(kept));
}

function forget(which: (kept: Kept<unknown> | undefined) => boolean): void {
	for (const key of Object.keys(localStorage)) {
		if (key.startsWith(PREFIX) && which(read(key.slice(PREFIX.length)))) {
			localStorage.removeItem(key);
		}
	}
}

function isOld(kept: Kept<unknown>): boolean {
	return Date.now() - kept.at >= LONGEST_MS;
}

function opened<T extends object>(place: string | undefined, start: T): { typed: T; since?: string } {
	const kept = place === undefined ? undefined : read<Partial<T>>(place);
	return kept && !isOld(kept)
		? { typed: { ...start, ...kept.value }, since: new Date(kept.at).toISOString() }
		: { typed: start };
}

function read<T>(place: string): Kept<T> | undefined {
	try {
		return (JSON.parse(localStorage.getItem(PREFIX + place) ?? "null") as Kept<T> | null) ?? undefined;
	} catch {
		return undefined;
	}
}

function keep<T>(place: string | undefined, value: T | undefined): void {
	if (place === undefined) {
		return;
	}
	if (value === undefined) {
		localStorage.removeItem(PREFIX + place);
		return;
	}
	try {
		localStorage.setItem(PREFIX + place, JSON.stringify({ value, at: Date.now() }));
	} catch {
		// A browser that keeps nothing still shows what is typed.
	}
}
