/** The views there are, each with the digit that opens it. */
export const VIEWS = [
	{ key: "1", name: "Round", path: "/round" },
	{ key: "2", name: "Pots", path: "/pots" },
	{ key: "3", name: "Mix", path: "/mix" },
	{ key: "4", name: "Garden", path: "/garden" },
	{ key: "5", name: "Plan", path: "/plan" },
	{ key: "6", name: "Bench", path: "/bench" },
	{ key: "7", name: "Book", path: "/book" },
	{ key: "8", name: "Vessels", path: "/vessels" },
] as const;

export const NEW_POT = { key: "n", path: "/pots/new" } as const;
/** Which bucket is this? */
export const FIND = { key: "/", path: "/codes" } as const;
