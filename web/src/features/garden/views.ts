/**
 * The views there are, each with the digit that opens it; the phone's bar has room for those that are wanted at the bucket. Some are for
 * all, the others for gardeners.
 */
export const VIEWS = [
	{ key: "1", name: "Round", path: "/round", onPhone: true, forAll: true },
	{ key: "2", name: "Pots", path: "/pots", onPhone: true, forAll: false },
	{ key: "3", name: "Mix", path: "/mix", onPhone: true, forAll: false },
	{ key: "4", name: "Garden", path: "/garden", onPhone: true, forAll: false },
	{ key: "5", name: "Plan", path: "/plan", onPhone: false, forAll: false },
	{ key: "6", name: "Bench", path: "/bench", onPhone: false, forAll: false },
	{ key: "7", name: "Book", path: "/book", onPhone: false, forAll: false },
	{ key: "8", name: "Store", path: "/bottles", onPhone: false, forAll: false },
	{ key: "9", name: "Practice", path: "/practice", onPhone: false, forAll: true },
] as const;

export type ViewName = (typeof VIEWS)[number]["name"] | "More";

type StorePage = {
	readonly name: string;
	readonly path: string;
	readonly words: string;
	/** Whether it is for the garden's owner alone. */
	readonly owner?: boolean;
};

/** What is kept besides the pots: the pages of the store. */
export const STORE: readonly StorePage[] = [
	{ name: "Bottles", path: "/bottles", words: "levels, last days, decisions" },
	{ name: "Vessels", path: "/vessels", words: "jars, buckets and drums under their codes" },
	{ name: "Places", path: "/places", words: "how warm pots stand, and the weather" },
	{ name: "Labels", path: "/labels", words: "to print, with codes to scan" },
	{ name: "Readings", path: "/readings", words: "from instruments and files" },
	{ name: "Phones and people", path: "/phones", words: "let your phone and helpers in", owner: true },
	{ name: "About your garden", path: "/welcome", words: "units, water, climate, backups", owner: true },
];

export const MORE = "/more";
export const NEW_POT = { key: "n", path: "/pots/new" } as const;
/** Which bucket is this? */
export const FIND = { key: "/", path: "/codes" } as const;

/** Whether an address belongs to a view. */
export function isIn(view: (typeof VIEWS)[number], pathname: string): boolean {
	if (view.name === "Store") {
		return STORE.some((page) => page.path === pathname);
	}
	return pathname === view.path || pathname.startsWith(`${view.path}/`);
}
