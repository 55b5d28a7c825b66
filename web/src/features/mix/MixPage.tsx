import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import Form from "react-bootstrap/Form";
import { Link, useSearchParams } from "react-router";
import type { Bottle, Garden, Planting } from "../../api/types";
import { ScanSign } from "../../drawings/ScanSign";
import { ProblemNote } from "../../shared/ProblemNote";
import { TypedBefore } from "../../shared/TypedBefore";
import { useLastGood } from "../../shared/useLastGood";
import { useTyped } from "../../shared/useTyped";
import { bottlesQuery } from "../bottles";
import { useGarden } from "../garden";
import { ScanButton, useGoToCode } from "../scan";
import { CanBench } from "./CanBench";
import { KeptPour } from "./KeptPour";
import { OfferPick } from "./OfferPick";
import { PlantingPick } from "./Picks";
import { PouredCard } from "./PouredCard";
import { offersQuery, plantingsQuery, usePour } from "./queries";
import type { Target, Wish } from "./wish";

/** How much brew goes into this can, for these plants, today. */
export function MixPage() {
	const garden = useGarden().data;
	const bottles = useQuery(bottlesQuery);
	const plantings = useQuery(plantingsQuery);
	const [search] = useSearchParams();
	// A bottle that was filled a moment ago may not be in the list yet.
	const awaited =
		bottles.isFetching && search.has("bottle") && !bottles.data?.some((known) => known.id === search.get("bottle"));
	if (awaited || bottles.isPending || plantings.isPending || !garden) {
		return <p className="pots">Fetching the can …</p>;
	}
	if (!bottles.data || !plantings.data) {
		return <ProblemNote error={bottles.error ?? plantings.error} />;
	}
	const full = bottles.data.filter((bottle) => bottle.freshness !== "EMPTY" && bottle.poured);
	if (full.length === 0) {
		return (
			<div className="pots">
				<div className="empty">
					<h1>No bottle to mix from yet</h1>
					<p>Here you will dilute a brew for soil, leaves or seedlings. Strain a ready pot first.</p>
					<Link className="btn btn-primary" to="/pots">
						See the pots
					</Link>
				</div>
			</div>
		);
	}
	return (
		<>
			<h1 className="visually-hidden">Mix</h1>
			<MixBench key={search.toString()} garden={garden} bottles={full} plantings={plantings.data} />
		</>
	);
}

type Props = {
	readonly garden: Garden;
	readonly bottles: readonly Bottle[];
	readonly plantings: readonly Planting[];
};

/** What the way here asked already: a proposal names everything, a bottle only itself. */
function asked(search: URLSearchParams): Wish {
	const planting = search.get("planting");
	return {
		extras: [],
		carrier: "can",
		bottleId: search.get("bottle") ?? undefined,
		plantingIds: planting ? [planting] : undefined,
		target: (search.get("target") as Target | null) ?? undefined,
		strength: search.get("strength") ?? undefined,
		at: search.get("at") ?? undefined,
	};
}

/** Whom to feed, then with what; then the can. What was poured takes the place of the question. */
function MixBench({ garden, bottles, plantings }: Props) {
	const [search] = useSearchParams();
	// What was decided, and the hour that it was meant for, is asked again.
	const kept = useTyped<Wish>(`mix ${search}`, asked(search));
	const [moment, setMoment] = useState<Pick<Wish, "decided" | "at">>(() => ({ at: asked(search).at }));
	const wish: Wish = { ...kept.typed, ...moment };
	const pour = usePour();
	// Where nothing grows yet nobody needs to be asked for whom.
	const known = plantings.length === 0 ? [] : wish.plantingIds;
	const chosen = known?.filter((id) => plantings.some((planting) => planting.id === id));
	const goTo = useGoToCode();
	const offers = useQuery(offersQuery(chosen, wish.target, wish.at));
	const offered = useLastGood(offers.data);
	const bottle = bottles.find((known) => known.id === wish.bottleId);
	const change = (part: Partial<Wish>) => {
		pour.reset();
		const { decided, at, ...rest } = part;
		setMoment({ decided, at: "at" in part ? at : moment.at });
		kept.change(rest);
	};
	const poured = () => {
		kept.letGo({ extras: [], carrier: wish.carrier, can: wish.can });
		setMoment({});
	};
	if (pour.isSuccess) {
		return pour.data ? (
			<PouredCard poured={pour.data} garden={garden} onAgain={pour.reset} />
		) : (
			<KeptPour name={pour.variables.name} onAgain={pour.reset} />
		);
	}
	const wanted = wish.target ?? offered?.target ?? "SOIL";
	const target =
		!bottle || bottle.targets.some((known) => known.target === wanted) ? wanted : (bottle.targets[0]?.target ?? "SOIL");
	const plants = (
		<>
			<TypedBefore since={kept.since} wall={garden} onLetGo={kept.letGo} />
			<PlantingPick
				plantings={plantings}
				chosen={chosen}
				onChoose={(plantingIds) => change({ plantingIds, need: undefined })}
			/>
		</>
	);
	const fit = chosen !== undefined && offered && (
		<OfferPick
			offers={offered.offers}
			bottles={bottles}
			chosen={bottle?.id}
			// A strength that was asked for before any bottle is meant for the one that is chosen now.
			onChoose={(bottleId) => change({ bottleId, strength: bottle ? undefined : wish.strength, rest: undefined })}
		/>
	);
	const scan = (
		<ScanButton
			onCode={(code) => {
				const seen = bottles.find((known) => known.code === code);
				seen ? change({ bottleId: seen.id, rest: undefined }) : goTo(code);
			}}
		>
			<ScanSign /> Scan the bottle
		</ScanButton>
	);
	if (!bottle) {
		return <Asking plants={plants} scan={scan} fit={fit} error={offers.error} />;
	}
	return (
		<CanBench
			garden={garden}
			bottles={bottles}
			plantings={plantings}
			bottle={bottle}
			chosen={chosen ?? []}
			target={target}
			wish={wish}
			picks={
				<>
					{plants}
					{fit}
					{scan}
				</>
			}
			pour={pour}
			onPoured={poured}
			onChange={change}
		/>
	);
}

type AskingProps = {
	readonly plants: ReactNode;
	readonly scan: ReactNode;
	/** What is in store and suits the plants, once they are known. */
	readonly fit: ReactNode;
	readonly error: Error | null;
};

/** Before a bottle is chosen: for which plants, and what suits them. */
function Asking({ plants, scan, fit, error }: AskingProps) {
	return (
		<Form className="mix mix-ask" noValidate onSubmit={(event) => event.preventDefault()}>
			<section className="mix-from" aria-label="For what">
				{plants}
			</section>
			<section aria-label="From what">
				{scan}
				{error && <ProblemNote error={error} />}
				{fit || (
					<p className="soft">
						Say which plants are to be fed: then what is in store and suits them stands here, best first.
					</p>
				)}
			</section>
		</Form>
	);
}
