/** The views there are, each with the digit that opens it. */
export const VIEWS = [
	{ key: "1", name: "Pots", path: "/pots" },
	{ key: "2", name: "Mix", path: "/mix" },
] as const;

export const NEW_POT = { key: "n", path: "/pots/new" } as const;
