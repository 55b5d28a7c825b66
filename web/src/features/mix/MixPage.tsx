import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Form from "react-bootstrap/Form";
import { Link, useSearchParams } from "react-router";
import { problemAt } from "../../api/problem";
import type { MixRequest } from "../../api/types";
import { unwise } from "../../shared/Decision";
import { ProblemNote } from "../../shared/ProblemNote";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { useWriteKey } from "../../shared/useWriteKey";
import { bottlesQuery } from "../bottles";
import { useGarden } from "../garden";
import { ANYTHING_ELSE, BottleLine, BottlePick, PlantingPick, TargetPick } from "./Picks";
import { PourPanel } from "./PourPanel";
import { plantingsQuery, useMix, usePour } from "./queries";
import { StrengthPanel } from "./StrengthPanel";

export type Vessel = "can" | "sprayer";

/** What is chosen; strength and need stay open until the gardener sets them. */
export type Wish = {
	readonly bottleId?: string;
	readonly plantingId?: string;
	readonly target: MixRequest["target"];
	readonly strength?: string;
	readonly need?: { readonly kind: "area" | "mix"; readonly text: string };
	readonly vessel: Vessel;
	readonly can?: string;
	/** Whether what is unwise was read and is done all the same. */
	readonly decided?: boolean;
};

const USUAL_CAN = { METRIC: { can: "10 L", sprayer: "5 L" }, US: { can: "2 gal", sprayer: "1 gal" } } as const;

/** How much brew goes into this can, for these plants, today. */
export function MixPage() {
	const [search] = useSearchParams();
	const garden = useGarden().data;
	const bottles = useQuery(bottlesQuery);
	const plantings = useQuery(plantingsQuery);
	const [wish, setWish] = useState<Wish>({ target: "SOIL", vessel: "can" });
	const pour = usePour();
	const key = useWriteKey();

	const full = (bottles.data ?? []).filter((bottle) => bottle.freshness !== "EMPTY" && bottle.poured);
	const bottle = full.find((known) => known.id === (wish.bottleId ?? search.get("bottle"))) ?? full[0];
	const planting = wish.plantingId ?? search.get("planting") ?? plantings.data?.[0]?.id ?? ANYTHING_ELSE;
	const units = garden?.units ?? "METRIC";
	const request: MixRequest = {
		bottleId: bottle?.id ?? "",
		plantingId: planting === ANYTHING_ELSE ? undefined : planting,
		target: wish.target,
		strength: wish.strength,
		area: wish.need?.kind === "area" ? wish.need.text : undefined,
		mix: wish.need?.kind === "mix" ? wish.need.text : undefined,
		can: wish.can ?? USUAL_CAN[units][wish.vessel],
		confirmed: [],
	};
	const mix = useMix(useDebounced(request), garden?.units, bottle?.level);
	const shown = useLastGood(mix.data);
	const change = (part: Partial<Wish>) => {
		pour.reset();
		key.renew();
		setWish((before) => ({ ...before, decided: false, ...part }));
	};

	if (bottles.isPending || plantings.isPending || !garden) {
		return <p className="pots">Fetching the can …</p>;
	}
	if (!bottles.data || !plantings.data) {
		return <ProblemNote error={bottles.error ?? plantings.error} />;
	}
	if (!bottle) {
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
	const told = problemAt(mix.error, "strength", "area", "mix", "can");
	return (
		<Form
			className="mix"
			noValidate
			onSubmit={(event) => {
				event.preventDefault();
				const confirmed = wish.decided && shown ? unwise(shown.findings).map((finding) => finding.rule) : [];
				pour.mutate({ key: key.current(), request: { ...request, confirmed } }, { onSuccess: key.renew });
			}}
		>
			<section className="mix-from" aria-label="From what, for what">
				<BottlePick bottles={full} chosen={bottle.id} onChoose={(bottleId) => change({ bottleId })} />
				<BottleLine bottle={bottle} />
				<PlantingPick
					plantings={plantings.data}
					chosen={planting}
					onChoose={(plantingId) => change({ plantingId, need: undefined })}
				/>
				<TargetPick
					chosen={wish.target}
					onChoose={(target) =>
						change({ target, strength: undefined, can: undefined, vessel: target === "LEAVES" ? "sprayer" : "can" })
					}
				/>
			</section>
			<section aria-label="How strong">
				{shown && (
					<StrengthPanel mix={shown} wish={wish} problem={problemAt(mix.error, "strength")} onChange={change} />
				)}
				{mix.error && told === undefined && <ProblemNote error={mix.error} />}
			</section>
			<section className="mix-can" aria-label="Into the can">
				{shown && (
					<PourPanel
						mix={shown}
						wish={wish}
						request={request}
						bottle={bottle}
						error={mix.error}
						pour={pour}
						onChange={change}
					/>
				)}
			</section>
		</Form>
	);
}
