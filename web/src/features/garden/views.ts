/** The views there are, each with the digit that opens it. */
export const VIEWS = [
	{ key: "1", name: "Pots", path: "/pots" },
	{ key: "2", name: "Mix", path: "/mix" },
	{ key: "3", name: "Book", path: "/book" },
	{ key: "4", name: "Vessels", path: "/vessels" },
] as const;

export const NEW_POT = { key: "n", path: "/pots/new" } as const;
