import type { Bottle, BrewWish, Finding, Mix, MixRequest } from "../../api/types";

export type Target = MixRequest["target"];
export type Addition = NonNullable<BrewWish["addition"]>;

/** Something that goes into the water beside the first bottle. */
export type Extra = {
	readonly id: string;
	readonly bottleId?: string;
	readonly addition?: Addition;
	readonly strength?: string;
	/** Another bottle of the same brew, for what this one is short of. */
	readonly rest?: string;
};

export type Carrier = "can" | "hand" | "back" | "drip";

/** What is chosen; strength and need stay open until the gardener sets them. */
export type Wish = {
	readonly bottleId?: string;
	readonly strength?: string;
	/** Another bottle of the same brew, for what the first is short of. */
	readonly rest?: string;
	readonly extras: readonly Extra[];
	readonly plantingIds?: readonly string[];
	readonly target?: Target;
	readonly need?: Need;
	readonly carrier: Carrier;
	readonly can?: string;
	/** The moment that it is mixed for; now, where it is left open. */
	readonly at?: string;
	/** When it was poured, where it is written down afterwards. */
	readonly when?: string;
	/** Whether what is unwise was read and is done all the same. */
	readonly decided?: boolean;
};

export type Need =
	| { readonly kind: "area" | "mix"; readonly text: string }
	| { readonly kind: "pots"; readonly pots: string; readonly potSize: string; readonly perPot: string };

export const CARRIERS: readonly { readonly id: Carrier; readonly words: string; readonly holds: string }[] = [
	{ id: "can", words: "Can", holds: "Can holds" },
	{ id: "drip", words: "Drip tank", holds: "Drip tank holds" },
	{ id: "hand", words: "Hand sprayer", holds: "Sprayer holds" },
	{ id: "back", words: "Back sprayer", holds: "Sprayer holds" },
];

export const USUAL_CAN = {
	METRIC: { can: "10 L", drip: "60 L", hand: "5 L", back: "12 L" },
	US: { can: "2 gal", drip: "15 gal", hand: "1 gal", back: "3 gal" },
} as const;

export const ADDITIONS: readonly { readonly id: Addition; readonly words: string }[] = [
	{ id: "VINEGAR", words: "rice vinegar" },
	{ id: "SEAWATER", words: "seawater" },
	{ id: "HUMIC_ACID", words: "humic acid" },
	{ id: "WOOD_ASH", words: "wood ash" },
	{ id: "LIME", words: "garden lime" },
];

/** The request that a wish makes, with what is open left to the server. */
export function requestOf(
	wish: Wish,
	bottle: Bottle,
	plantingIds: readonly string[],
	target: Target,
	units: "METRIC" | "US",
): MixRequest {
	const need = wish.need;
	return {
		brews: [
			{ bottleId: bottle.id, strength: wish.strength, rest: wish.rest },
			...wish.extras.map(({ bottleId, addition, strength, rest }) => ({ bottleId, addition, strength, rest })),
		],
		plantingIds: [...plantingIds],
		target,
		area: need?.kind === "area" ? need.text : undefined,
		mix: need?.kind === "mix" ? need.text : undefined,
		pots: need?.kind === "pots" ? need.pots : undefined,
		potSize: need?.kind === "pots" ? need.potSize : undefined,
		perPot: need?.kind === "pots" ? need.perPot || undefined : undefined,
		can: wish.can ?? USUAL_CAN[units][wish.carrier],
		at: wish.at,
		when: wish.when,
		confirmed: [],
	};
}

/** Everything that is said of a mix: of the water, then of each planting. */
export function allFindings(mix: Mix): readonly Finding[] {
	return [...mix.findings, ...mix.plantings.flatMap((planting) => planting.findings)];
}
