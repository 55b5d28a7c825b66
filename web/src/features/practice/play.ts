import { useState } from "react";
import type { Doing, PracticeLesson } from "../../api/types";

/** A play that is under way on this device. */
export type Play = { readonly doings: readonly Doing[]; readonly hour: number };

/** What is done, apart from when. */
export type Deed = Omit<Doing, "hour">;

export const FREE = "free";
const START: Play = { doings: [], hour: 0 };
const OWN = "practice lesson";

function placeOf(id: string): string {
	return `practice ${id}`;
}

/** A lesson of the list is known by its id alone. */
export function known(id: string): PracticeLesson {
	return { id, yaml: "" };
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
	const yaml = read<string>(OWN);
	return typeof yaml === "string" ? { id: FREE, yaml } : undefined;
}

/** Begins a lesson of one's own anew. */
export function chooseLesson(yaml: string): void {
	localStorage.setItem(OWN, JSON.stringify(yaml));
	localStorage.removeItem(placeOf(FREE));
}

/** How far a lesson has got on this device; it stays until it is ended. */
export function usePlay(id: string) {
	const [play, setPlay] = useState<Play>(() => read<Play>(placeOf(id)) ?? START);
	const [since, setSince] = useState(play.hour);
	const change = (next: Play) => {
		setSince(play.hour);
		setPlay(next);
		localStorage.setItem(placeOf(id), JSON.stringify(next));
	};
	return {
		play,
		/** The hour that was shown before this one. */
		since,
		wind: (hour: number) => change({ ...play, hour }),
		doNow: (deed: Deed) => change({ ...play, doings: [...play.doings, { hour: play.hour, ...deed }] }),
		again: () => {
			localStorage.removeItem(placeOf(id));
			setPlay(START);
		},
	};
}
