import { useState } from "react";
import type { Doing, PracticeLesson } from "../../api/types";

/** A play that is under way on this device. */
export type Play = { readonly doings: readonly Doing[]; readonly hour: number };

export const FREE = "free";
const START: Play = { doings: [], hour: 0 };
const OWN = "practice lesson";

function placeOf(id: string): string {
	return `practice ${id}`;
}

/** A lesson of the list is known by its id alone. */
export function known(id: string): PracticeLesson {
	return {
		id,
		title: "",
		about: "",
		methodId: "",
		seed: 0,
		celsius: 0,
		swing: 0,
		accidents: [],
		days: 0,
		take: "",
	};
}

function read<T>(place: string): T | undefined {
	try {
		const kept = localStorage.getItem(place);
		return kept ? (JSON.parse(kept) as T) : undefined;
	} catch {
		return undefined;
	}
}

/** The lesson that was chosen freely or came as a file. */
export function ownLesson(): PracticeLesson | undefined {
	return read<PracticeLesson>(OWN);
}

/** Begins a lesson of one's own anew. */
export function chooseLesson(lesson: PracticeLesson): void {
	localStorage.setItem(OWN, JSON.stringify(lesson));
	localStorage.removeItem(placeOf(FREE));
}

/** How far a lesson has got on this device; it stays until it is ended. */
export function usePlay(id: string) {
	const [play, setPlay] = useState<Play>(() => read<Play>(placeOf(id)) ?? START);
	const change = (next: Play) => {
		setPlay(next);
		localStorage.setItem(placeOf(id), JSON.stringify(next));
	};
	return {
		play,
		wind: (hour: number) => change({ ...play, hour }),
		doNow: (kind: Doing["kind"], act?: Doing["act"]) =>
			change({ ...play, doings: [...play.doings, { hour: play.hour, kind, ...(act ? { act } : {}) }] }),
		again: () => {
			localStorage.removeItem(placeOf(id));
			setPlay(START);
		},
	};
}

/** "day 3", or "day 3, 6:00" where hours matter. */
export function dayOf(hour: number, short: boolean): string {
	const day = Math.floor(hour / 24);
	const rest = Math.round(hour - day * 24);
	return short || rest % 24 !== 0 ? `day ${day}, ${rest} h` : `day ${day}`;
}
