import type { Check, MixRequest, NoteLook, ToldFeed } from "../api/types";

/** Everything that a walk writes, and that may have to wait for a connection. */
export type Act =
	| { readonly kind: "visit"; readonly potId: string; readonly check: Check }
	| { readonly kind: "picture"; readonly potId: string; readonly picture: Picture }
	| { readonly kind: "pour"; readonly request: MixRequest; readonly told: readonly ToldFeed[] }
	| { readonly kind: "fed"; readonly feed: ToldFeed }
	| { readonly kind: "look"; readonly plantingId: string; readonly look: NoteLook }
	| { readonly kind: "watering"; readonly plantingId: string; readonly when: string };

/** A picture as every browser can keep it. */
export type Picture = { readonly bytes: ArrayBuffer; readonly type: string };

/** What the server had to ask about something that waited. */
export type Question = { readonly words: string; readonly code: string };

/** An act that is kept on this device. Its key keeps it from counting twice. */
export type Waiting<A extends Act = Act> = {
	readonly key: string;
	/** Where it stands in the row: the first said is sent first. */
	readonly order: number;
	/** When it was said. */
	readonly at: string;
	/** Who said it; nobody else sends it. */
	readonly by: string;
	/** What it is about: a pot, or what was fed. */
	readonly name: string;
	readonly act: A;
	/** Absent while it only waits for a connection. */
	readonly question?: Question;
	/** It has been sent, and this was judged of it. */
	readonly judged?: string;
};

/** Whether it only waits to be sent. */
export function isOnlyWaiting(entry: Waiting): boolean {
	return entry.question === undefined && entry.judged === undefined;
}

export function isAbout(entry: Waiting, id: string): boolean {
	const { act } = entry;
	switch (act.kind) {
		case "visit":
		case "picture":
			return act.potId === id;
		case "pour":
			return act.request.plantingIds.includes(id);
		case "fed":
			return act.feed.plantingIds.includes(id);
		case "look":
		case "watering":
			return act.plantingId === id;
	}
}
