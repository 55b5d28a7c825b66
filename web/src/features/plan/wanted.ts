/** What a goal form can open with. */
export type Wanted = { readonly product: string; readonly amount: string; readonly by: string };

/** Where another page leads that offers to plan a brew. */
export function goalAddress(wanted: Wanted): string {
	return `/plan?${new URLSearchParams(wanted)}`;
}

/** What an address wants planned; nothing, where it only opens the plan. */
export function wantedOf(search: URLSearchParams): Partial<Wanted> | undefined {
	const product = search.get("product");
	return product
		? { product, amount: search.get("amount") ?? undefined, by: search.get("by") ?? undefined }
		: undefined;
}
