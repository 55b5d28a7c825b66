import type { Bottle, DueFeed, Garden } from "../../api/types";
import { mixQuery, offersQuery } from "./queries";
import { requestOf } from "./wish";

/** What the can asks when a feed that is due is opened there, so that it can be asked before. */
export function todaysMix(feed: DueFeed, today: string, bottles: readonly Bottle[], units: Garden["units"]) {
	const bottle = bottles.find((one) => one.id === feed.bottleId);
	if (bottle === undefined) {
		return [];
	}
	const at = feed.day > today ? feed.at : undefined;
	const wish = { extras: [], carrier: "can", bottleId: bottle.id, target: feed.target, at } as const;
	const request = requestOf(wish, bottle, [feed.plantingId], feed.target, units);
	return [offersQuery([feed.plantingId], feed.target, at), mixQuery(request, units, bottle.level)];
}
