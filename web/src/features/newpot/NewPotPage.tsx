import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { useNavigate } from "react-router";
import { problemAt } from "../../api/problem";
import type { RecipeRequest } from "../../api/types";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { useWriteKey } from "../../shared/useWriteKey";
import { useGarden } from "../garden";
import { AmountsTable } from "./AmountsTable";
import { ChoicesRow } from "./ChoicesRow";
import { Guidance } from "./Guidance";
import { useMethods, useRecipe, useSetPot } from "./queries";
import { SchoolPicker } from "./SchoolPicker";
import { VesselPanel } from "./VesselPanel";

export type Anchor = RecipeRequest["anchor"];

const ANCHORS = [
	{ id: "IN_HAND", words: "I have leaves" },
	{ id: "VESSEL", words: "I have a jar to fill" },
	{ id: "JUICE", words: "I want so much juice" },
] as const;

const FIRST_METHOD = "plant-juice-open";

/** What was typed and chosen; the rest is filled in by the server. */
export type Draft = Omit<RecipeRequest, "amount"> & { readonly plant: string; readonly juice: string };

function requestOf(draft: Draft): RecipeRequest {
	const { plant, juice, ...rest } = draft;
	return { ...rest, amount: draft.anchor === "JUICE" ? juice : plant };
}

/** From whatever is in hand to exact amounts in a vessel that fits. */
export function NewPotPage() {
	const navigate = useNavigate();
	const garden = useGarden().data;
	const methods = useMethods();
	const [name, setName] = useState("Plant juice");
	const [draft, setDraft] = useState<Draft>({
		methodId: FIRST_METHOD,
		anchor: "IN_HAND",
		plant: "500 g",
		juice: "500 mL",
	});
	const request = requestOf(draft);
	const recipe = useRecipe(useDebounced(request), garden?.units);
	const shown = useLastGood(recipe.data);
	const setPot = useSetPot();
	const key = useWriteKey();

	const change = (part: Partial<Draft>) => setDraft((before) => ({ ...before, ...part }));
	const chooseSchool = (methodId: string) =>
		change({ methodId, sugarId: undefined, lid: undefined, placeId: undefined });
	const set = (event: React.FormEvent) => {
		event.preventDefault();
		setPot.mutate(
			{ key: key.current(), name, recipe: request },
			{
				onSuccess: (pot) => {
					key.renew();
					navigate(`/pots/${pot.summary.id}`);
				},
			},
		);
	};

	if (methods.isPending || (!shown && !recipe.error)) {
		return <p className="page-two main">Opening the book …</p>;
	}
	if (methods.isError) {
		return <ProblemNote error={methods.error} />;
	}
	const method = methods.data.find((known) => known.id === draft.methodId);
	const failure = recipe.error ?? setPot.error;
	const nameProblem = problemAt(setPot.error, "name");
	const told = problemAt(failure, "name", "amount", "capacity");
	return (
		<Form className="page-two" onSubmit={set} noValidate>
			<section className="main" aria-label="The recipe">
				<div className="title-row">
					<Form.Group className="name-field" controlId="name">
						<Form.Label visuallyHidden>Name of the pot</Form.Label>
						<Form.Control
							value={name}
							onChange={(event) => setName(event.target.value)}
							isInvalid={nameProblem !== undefined}
							aria-describedby="name-problem"
						/>
						<Form.Control.Feedback type="invalid" id="name-problem" role="alert">
							{nameProblem}
						</Form.Control.Feedback>
					</Form.Group>
					<span className="soft">fermented plant juice · three ways to make it, and what each costs</span>
				</div>
				<SchoolPicker methods={methods.data} chosen={draft.methodId} onChoose={chooseSchool} />
				<Options label="Start from" options={ANCHORS} value={draft.anchor} onChange={(anchor) => change({ anchor })} />
				{shown ? (
					<div className={recipe.error ? "stale" : undefined}>
						<AmountsTable recipe={shown} draft={draft} problem={problemAt(recipe.error, "amount")} onChange={change} />
					</div>
				) : null}
				<div className="recipe-choices">
					{method && shown && (
						<ChoicesRow
							method={method}
							recipe={shown}
							draft={draft}
							problem={problemAt(recipe.error, "capacity")}
							onChange={change}
						/>
					)}
					{failure && told === undefined && <ProblemNote error={failure} />}
					{shown && <Guidance recipe={shown} />}
				</div>
			</section>
			<section className="side" aria-label="The vessel">
				{shown && garden && (
					<>
						<VesselPanel recipe={shown} garden={garden} stale={recipe.error !== null} />
						<div className="actions recipe-set">
							<Button
								type="submit"
								variant="primary"
								className="grow"
								disabled={recipe.error !== null || setPot.isPending || shown.refused}
							>
								{shown.refused ? "Refused: see why" : `Set this pot in ${shown.vessel.code}`}
							</Button>
						</div>
					</>
				)}
			</section>
		</Form>
	);
}
