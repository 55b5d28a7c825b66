import type { Possible, Recipe, RecipeRequest } from "../../api/types";

export type Anchor = RecipeRequest["anchor"];

/** What was typed and chosen; the rest is filled in by the server. */
export type Draft = RecipeRequest & {
	readonly inHand: Record<string, string>;
	readonly materials: Record<string, string>;
};

/** A pot that is being set: what goes in, its name where one was given, and where it was collected. */
export type Begun = { readonly draft: Draft; readonly name?: string; readonly origin: string };

/** Where a door leads: a recipe page that opens with what is known already. */
export function recipeAddress(
	methodId: string,
	inHand: Record<string, string> = {},
	materials: Record<string, string> = {},
	holds?: Possible["holds"],
) {
	const search = new URLSearchParams({ method: methodId });
	for (const [part, amount] of Object.entries(inHand)) {
		search.set(`in.${part}`, amount);
	}
	for (const [part, material] of Object.entries(materials)) {
		search.set(`of.${part}`, material);
	}
	for (const [name, value] of Object.entries(holds ?? {})) {
		search.set(name, value);
	}
	return `/pots/new?${search}`;
}

/** The draft that an address opens with: what is wanted, amounts in hand, or else the vessel filled. */
export function draftOf(search: URLSearchParams): Draft {
	const named = (prefix: string) =>
		Object.fromEntries(
			[...search].filter(([key]) => key.startsWith(prefix)).map(([key, value]) => [key.slice(prefix.length), value]),
		);
	const inHand = named("in.");
	const wanted = search.get("want") ?? undefined;
	return {
		methodId: search.get("method") ?? "",
		anchor: wanted ? "WANTED" : Object.keys(inHand).length > 0 ? "IN_HAND" : "VESSEL",
		inHand,
		wanted,
		placeId: search.get("place") ?? undefined,
		materials: named("of."),
		vesselId: search.get("vessel") ?? undefined,
		capacity: search.get("capacity") ?? undefined,
		kind: (search.get("kind") as Draft["kind"] | null) ?? undefined,
		refills: search.get("refills") ?? undefined,
		from: Object.fromEntries(Object.entries(named("from.")).map(([part, bottle]) => [part, [bottle]])),
	};
}

/** The step of the plan that an address carries out. */
export function stepOf(search: URLSearchParams): string | undefined {
	return search.get("step") ?? undefined;
}

/** Only what belongs to the anchor is sent, so that a slip in a hidden field can't refuse the visible one. */
export function requestOf(draft: Draft): RecipeRequest {
	const { inHand, wanted, area, weeks, target, ...rest } = draft;
	switch (draft.anchor) {
		case "IN_HAND":
			return { ...rest, inHand };
		case "WANTED":
			return { ...rest, inHand: {}, wanted };
		case "AREA":
			return { ...rest, inHand: {}, area, weeks, target };
		default:
			return { ...rest, inHand: {} };
	}
}

/** Another anchor begins with the amounts that are on the page now. */
export function anchoredAt(anchor: Anchor, draft: Draft, recipe: Recipe): Partial<Draft> {
	const main = recipe.amounts[0];
	switch (anchor) {
		case "IN_HAND":
			return {
				anchor,
				inHand: Object.keys(draft.inHand).length > 0 || !main ? draft.inHand : { [main.id]: main.amount.text },
			};
		case "WANTED":
			return { anchor, wanted: draft.wanted ?? recipe.makes.text };
		case "AREA":
			return {
				anchor,
				area: draft.area ?? "10 m²",
				weeks: draft.weeks ?? "8",
				target: draft.target ?? recipe.targets[0]?.id,
			};
		default:
			return { anchor };
	}
}

/** Another school begins with its own materials, vessel and place. */
export function schooledAt(methodId: string): Partial<Draft> {
	return {
		methodId,
		materials: {},
		from: {},
		lid: undefined,
		placeId: undefined,
		kind: undefined,
		vesselId: undefined,
	};
}
