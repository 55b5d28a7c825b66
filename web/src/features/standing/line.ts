import type { Arrival, ArrivalChoice } from "../../api/types";
import { capital } from "../../shared/words";

/** What is told of a pot that stands here already. */
export type Line = {
	/** The place of the choice in the list, for one way can be told twice. */
	readonly choice: number;
	readonly since: string;
	readonly full: string;
	readonly vesselId: string;
	readonly code: string;
	readonly kind?: Arrival["kind"];
	readonly capacity: string;
	readonly placeId: string;
	readonly stage: number;
};

export const FIRST: Line = {
	choice: 0,
	since: "about three weeks ago",
	full: "three quarters",
	vesselId: "",
	code: "",
	capacity: "20 L",
	placeId: "",
	stage: 0,
};

/** What is sent of it: of a vessel that isn't in the list yet, what it is like. */
export function arrivalOf(told: Line, choice: ArrivalChoice, usualPlace?: string): Arrival {
	const fresh = told.vesselId === "";
	return {
		methodId: choice.methodId,
		name: choice.plain ? capital(choice.words) : undefined,
		since: told.since,
		full: told.full,
		vesselId: fresh ? undefined : told.vesselId,
		code: fresh ? told.code || undefined : undefined,
		kind: fresh ? (told.kind ?? choice.kind) : undefined,
		capacity: fresh ? told.capacity : undefined,
		placeId: told.placeId || usualPlace,
		stage: told.stage,
	};
}
