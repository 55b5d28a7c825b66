import type { Bottle, Mix, MixRequest, ToldFeed } from "../../api/types";
import type { Pouring } from "./queries";

/**
 * A pour as it is kept while nothing answers: the strengths and the amount are those that were shown, since they were poured. Beside it
 * stand the same feeds from no bottle, for where a bottle turns out not to hold it.
 */
export function keptPour(request: MixRequest, shown: Mix, bottles: readonly Bottle[]): Pouring["kept"] {
	const byPots = request.pots !== undefined;
	const brews = request.brews.map((brew, index) => ({
		...brew,
		strength: brew.strength ?? shown.brews[index]?.strength.text,
	}));
	const mix = shown.need.text;
	const frozen: MixRequest = byPots ? { ...request, brews } : { ...request, brews, area: undefined, mix };
	const told = brews.flatMap(({ bottleId, strength }): ToldFeed[] => {
		const productId = bottles.find((bottle) => bottle.id === bottleId)?.productId;
		return productId === undefined
			? []
			: [{ plantingIds: request.plantingIds, productId, strength, mix, target: request.target, when: request.when }];
	});
	return { kind: "pour", request: frozen, told };
}
