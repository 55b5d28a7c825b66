import type { Crop } from "../../api/types";

type Choice<T> = readonly { readonly id: T; readonly words: string }[];

export const APPETITES: Choice<Crop["appetite"]> = [
	{ id: "LIGHT", words: "light feeder" },
	{ id: "MEDIUM", words: "medium" },
	{ id: "HEAVY", words: "heavy feeder" },
];

export const SOILS: Choice<Crop["soil"]> = [
	{ id: "SANDY", words: "sandy" },
	{ id: "LOAM", words: "loam" },
	{ id: "CLAY", words: "clay" },
	{ id: "POTTING_MIX", words: "potting mix" },
];

export const EATEN: Choice<Crop["eaten"]> = [
	{ id: "RAW", words: "eaten raw" },
	{ id: "COOKED", words: "cooked first" },
	{ id: "NOT", words: "not eaten" },
];

/** What a crop bears and how it grows, each a yes or no. */
export const TRAITS: Choice<"touched" | "ironSensitive" | "saltSensitive"> = [
	{ id: "touched", words: "Soil or spray wets the part that is eaten" },
	{ id: "ironSensitive", words: "Iron-sensitive" },
	{ id: "saltSensitive", words: "Bears little salt" },
];
