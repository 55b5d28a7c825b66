import type { QueryClient } from "@tanstack/react-query";
import { lost } from "../../api/problem";
import { isReachable } from "../../api/reachable";
import type { Bottle, Garden, Round } from "../../api/types";
import { bedsQuery } from "../beds/queries";
import { bookQuery } from "../book/queries";
import { bottlesQuery, brewKindsQuery } from "../bottles";
import { gardenQuery } from "../garden";
import { feedsQuery, plantingsQuery, todaysMix } from "../mix";
import { placesQuery } from "../places/queries";
import { planQuery } from "../plan/queries";
import { potQuery } from "../pot";
import { potsQuery } from "../pots";
import { roundQuery } from "../round/queries";
import { vesselsQuery } from "../vessels/queries";

/** What was fetched within so long isn't fetched again for the way. */
const FRESH_MS = 600_000;
const MOST_POTS = 60;

/** Fetches what a walk may ask for, one after the other, so that whoever asks meanwhile isn't kept waiting; stops where nothing answers. */
export async function takeAlong(client: QueryClient): Promise<void> {
	const fetch = async <T>(query: { queryKey: readonly unknown[] }): Promise<T | undefined> => {
		if (!isReachable()) {
			throw lost();
		}
		try {
			return (await client.fetchQuery({ ...query, staleTime: FRESH_MS } as never)) as T;
		} catch {
			// Not everything is for everybody.
			return undefined;
		}
	};
	const garden = await fetch<Garden>(gardenQuery);
	const round = await fetch<Round>(roundQuery);
	const pots = await fetch<{ readonly id: string }[]>(potsQuery);
	const first = round ? potsOf(round) : [];
	const others = (pots ?? []).map((pot) => pot.id).filter((id) => !first.includes(id));
	for (const id of [...first, ...others].slice(0, MOST_POTS)) {
		await fetch(potQuery(id));
	}
	const bottles = await fetch<Bottle[]>(bottlesQuery);
	for (const query of [
		plantingsQuery,
		bedsQuery,
		brewKindsQuery,
		feedsQuery,
		vesselsQuery,
		placesQuery,
		planQuery,
		bookQuery,
	]) {
		await fetch(query);
	}
	if (!garden || !round || !bottles) {
		return;
	}
	for (const query of round.feeds.flatMap((feed) => todaysMix(feed, round.today, bottles, garden.units))) {
		await fetch(query);
	}
}

function potsOf(round: Round): readonly string[] {
	return round.places.flatMap((place) => place.stops.map((stop) => stop.id));
}
