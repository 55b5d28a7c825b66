import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Form from "react-bootstrap/Form";
import { Link, useSearchParams } from "react-router";
import { problemAt, troubleAt } from "../../api/problem";
import type { Bottle, Garden, Planting } from "../../api/types";
import { unwise } from "../../shared/Decision";
import { ProblemNote } from "../../shared/ProblemNote";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { useWriteKey } from "../../shared/useWriteKey";
import { bottlesQuery } from "../bottles";
import { useGarden } from "../garden";
import { MixLabel } from "./MixLabel";
import { BottleLine, BottlePick, PlantingPick, TargetPick } from "./Picks";
import { PourPanel } from "./PourPanel";
import { plantingsQuery, useMix, usePour } from "./queries";
import { StrengthPanel } from "./StrengthPanel";
import { TankPanel } from "./TankPanel";
import { ADDITIONS, requestOf, type Target, type Wish } from "./wish";

const LEAVES: readonly Target[] = ["LEAVES", "LEAF_WIPE"];

/** How much brew goes into this can, for these plants, today. */
export function MixPage() {
	const garden = useGarden().data;
	const bottles = useQuery(bottlesQuery);
	const plantings = useQuery(plantingsQuery);
	if (bottles.isPending || plantings.isPending || !garden) {
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
					<h2>No bottle to mix from yet</h2>
					<p>Here you will dilute a brew for soil, leaves or seedlings. Strain a ready pot first.</p>
					<Link className="btn btn-primary" to="/pots">
						See the pots
					</Link>
				</div>
			</div>
		);
	}
	return <MixBench garden={garden} bottles={full} plantings={plantings.data} />;
}

type Props = {
	readonly garden: Garden;
	readonly bottles: readonly Bottle[];
	readonly plantings: readonly Planting[];
};

function MixBench({ garden, bottles, plantings }: Props) {
	const [search] = useSearchParams();
	const [wish, setWish] = useState<Wish>({ extras: [], carrier: "can", strength: search.get("strength") ?? undefined });
	const pour = usePour();
	const key = useWriteKey();

	const bottle =
		bottles.find((known) => known.id === (wish.bottleId ?? search.get("bottle"))) ?? (bottles[0] as Bottle);
	const first = search.get("planting") ?? plantings[0]?.id;
	const chosen = wish.plantingIds ?? (first && plantings.some((planting) => planting.id === first) ? [first] : []);
	const wanted = wish.target ?? (search.get("target") as Target | null) ?? "SOIL";
	const target = bottle.targets.some((known) => known.target === wanted)
		? wanted
		: (bottle.targets[0]?.target ?? "SOIL");
	const request = requestOf(wish, bottle, chosen, target, garden.units);
	const asked = useDebounced(request);
	const mix = useMix(asked, garden.units, bottle.level);
	const shown = useLastGood(mix.data);
	// Only what the rules were asked about can be poured, not what was typed since.
	const answered = mix.data !== undefined && JSON.stringify(asked) === JSON.stringify(request);
	const pourIt = () => {
		const confirmed = wish.decided && shown ? unwise(shown.findings).map((finding) => finding.rule) : [];
		pour.mutate(key.keyed({ request: { ...request, confirmed } }), { onSuccess: key.renew });
	};
	const change = (part: Partial<Wish>) => {
		pour.reset();
		setWish((before) => ({ ...before, decided: false, ...part }));
	};
	const names = [
		bottle.name,
		...wish.extras.map(
			(extra) =>
				bottles.find((known) => known.id === extra.bottleId)?.name ??
				ADDITIONS.find((addition) => addition.id === extra.addition)?.words ??
				"",
		),
	];
	const told = [
		"strength",
		"area",
		"mix",
		"can",
		"pots",
		"potSize",
		"perPot",
		...names.map((_, index) => `strength${index}`),
	];
	return (
		<Form className="mix" noValidate onSubmit={(event) => event.preventDefault()}>
			<section className="mix-from" aria-label="From what, for what">
				<BottlePick
					bottles={bottles}
					chosen={bottle.id}
					onChoose={(bottleId) => change({ bottleId, strength: undefined })}
				/>
				<BottleLine bottle={bottle} />
				<TankPanel
					bottles={bottles}
					first={bottle}
					extras={wish.extras}
					mix={shown}
					error={mix.error}
					onChange={(extras) => change({ extras })}
				/>
				<PlantingPick
					plantings={plantings}
					chosen={chosen}
					onToggle={(id) =>
						change({
							plantingIds: chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id],
							need: undefined,
						})
					}
				/>
				<TargetPick
					bottle={bottle}
					chosen={target}
					onChoose={(picked) =>
						change({
							target: picked,
							strength: undefined,
							can: undefined,
							carrier: LEAVES.includes(picked) ? "hand" : "can",
						})
					}
				/>
			</section>
			<section aria-label="How strong">
				{shown && (
					<StrengthPanel mix={shown} wish={wish} problem={troubleAt(mix.error, "strength")} onChange={change} />
				)}
				{mix.error && problemAt(mix.error, ...told) === undefined && <ProblemNote error={mix.error} />}
			</section>
			<section className="mix-can" aria-label="Into the can">
				{shown && (
					<PourPanel
						mix={shown}
						wish={wish}
						request={request}
						bottle={bottle}
						names={names}
						error={mix.error}
						pour={pour}
						answered={answered}
						onPour={pourIt}
						onChange={change}
					/>
				)}
			</section>
			{shown && (
				<MixLabel
					mix={shown}
					names={names}
					garden={garden}
					plants={plantings.filter((planting) => chosen.includes(planting.id)).map((planting) => planting.name)}
				/>
			)}
		</Form>
	);
}
