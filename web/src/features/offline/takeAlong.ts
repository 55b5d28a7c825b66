import type { QueryClient } from "@tanstack/react-query";
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

/** Fetches what a walk may ask for, one after the other, so that whoever asks meanwhile isn't kept waiting. */
export async function takeAlong(client: QueryClient): Promise<void> {
	const fetch = <Q extends { queryKey: readonly unknown[] }>(query: Q) =>
		client.fetchQuery({ ...query, staleTime: FRESH_MS } as never) as Promise<unknown>;
	const garden = (await fetch(gardenQuery)) as Garden;
	const round = (await fetch(roundQuery)) as Round;
	for (const id of potsOf(round)) {
		await fetch(potQuery(id));
	}
	const pots = (await fetch(potsQuery)) as { readonly id: string }[];
	for (const { id } of pots.slice(0, MOST_POTS)) {
		await fetch(potQuery(id));
	}
	const bottles = (await fetch(bottlesQuery)) as Bottle[];
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
	for (const feed of round.feeds) {
		for (const query of todaysMix(feed, round.today, bottles, garden.units)) {
			await fetch(query);
		}
	}
}

function potsOf(round: Round): readonly string[] {
	return round.places.flatMap((place) => place.stops.map((stop) => stop.id));
}
