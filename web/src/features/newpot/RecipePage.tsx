import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link, useNavigate } from "react-router";
import { problemAt, problemFrom, troubleAt } from "../../api/problem";
import type { Recipe } from "../../api/types";
import { Decision, unwise } from "../../shared/Decision";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { TypedBefore } from "../../shared/TypedBefore";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { useBook } from "../book";
import { useGarden } from "../garden";
import { useCarryOut } from "../plan";
import { AmountsTable } from "./AmountsTable";
import { AnchorFields } from "./AnchorFields";
import { ChoicesRow } from "./ChoicesRow";
import { type Anchor, anchoredAt, type Draft, draftOf, requestOf, stepOf } from "./draft";
import { Guidance } from "./Guidance";
import { useRecipe, useSetPot } from "./queries";
import { SchoolPicker } from "./SchoolPicker";
import { VesselPanel } from "./VesselPanel";

type Begun = { readonly draft: Draft; readonly name?: string; readonly origin: string };

const BESIDE_A_FIELD = /^(name|origin|since|wanted|area|weeks|target|capacity|inHand\..+|materials\..+)$/;

/** One page for every method: amounts, vessel, dates, steps, cautions, all live while typing. */
export function RecipePage({ search }: { readonly search: URLSearchParams }) {
	const navigate = useNavigate();
	const garden = useGarden().data;
	const book = useBook();
	const kept = useTyped<Begun>(`new pot ${search}`, { draft: draftOf(search), origin: "" });
	const { name: typedName, draft, origin } = kept.typed;
	const [decided, setDecided] = useState(false);
	const request = requestOf(draft);
	const recipe = useRecipe(useDebounced(request), garden?.units);
	const shown = useLastGood(recipe.data);
	const setPot = useSetPot();
	const carryOut = useCarryOut();
	const step = stepOf(search);
	const key = useWriteKey();

	const change = (part: Partial<Draft>) => kept.change({ draft: { ...draft, ...part } });
	const chooseSchool = (methodId: string) =>
		change({
			methodId,
			materials: {},
			from: {},
			lid: undefined,
			placeId: undefined,
			kind: undefined,
			vesselId: undefined,
		});

	if (!garden || book.isPending || (!shown && !recipe.error)) {
		return <p className="pots">Opening the book …</p>;
	}
	if (!book.data || !shown) {
		return (
			<div className="pots">
				<ProblemNote error={book.error ?? recipe.error} />
				<Link to="/pots/new">Choose another brew</Link>
			</div>
		);
	}
	const name = typedName ?? shown.title;
	const failure = recipe.error ?? setPot.error;
	const field = failure ? problemFrom(failure).field : undefined;
	const told = field !== undefined && BESIDE_A_FIELD.test(field);
	const set = (event: React.FormEvent) => {
		event.preventDefault();
		const confirmed = decided ? unwise(shown.findings).map((finding) => finding.rule) : [];
		setPot.mutate(key.keyed({ name, recipe: request, confirmed, origin }), {
			onSuccess: (pot) => {
				key.renew();
				kept.letGo();
				const open = () => navigate(`/pots/${pot.summary.id}`);
				if (step) {
					carryOut.mutate({ step, potId: pot.summary.id }, { onSettled: open });
				} else {
					open();
				}
			},
		});
	};
	const schools = book.data.flatMap((family) => family.methods).filter((one) => one.product === shown.productId);
	const nameProblem = problemAt(setPot.error, "name");
	return (
		<Form className="page-two" onSubmit={set} noValidate>
			<section className="main" aria-label="The recipe">
				<h1 className="visually-hidden">New pot: {shown.title}</h1>
				<TypedBefore since={kept.since} wall={garden} onLetGo={kept.letGo} />
				<div className="title-row">
					<Form.Group className="name-field" controlId="name">
						<Form.Label visuallyHidden>Name of the pot</Form.Label>
						<Form.Control
							value={name}
							onChange={(event) => kept.change({ name: event.target.value })}
							isInvalid={nameProblem !== undefined}
							aria-describedby="name-problem"
						/>
						<Form.Control.Feedback type="invalid" id="name-problem" role="alert">
							{nameProblem}
						</Form.Control.Feedback>
					</Form.Group>
					<span className="soft">
						{shown.title.toLowerCase()} ·{" "}
						<Link className="in-line" to={`/book/methods/${shown.methodId}`}>
							the page in the book
						</Link>
					</span>
				</div>
				{schools.length > 1 && <SchoolPicker methods={schools} chosen={draft.methodId} onChoose={chooseSchool} />}
				<Options
					label="Start from"
					options={anchors(shown)}
					value={draft.anchor}
					onChange={(anchor) => change(anchoredAt(anchor, draft, shown))}
				/>
				<AnchorFields draft={draft} recipe={shown} error={recipe.error} onChange={change} />
				<div className={recipe.error ? "stale" : undefined}>
					<AmountsTable recipe={shown} draft={draft} error={recipe.error} onChange={change} />
				</div>
				<div className="recipe-choices">
					<ChoicesRow recipe={shown} draft={draft} problem={problemAt(recipe.error, "capacity")} onChange={change} />
					{failure && !told && <ProblemNote error={failure} />}
					{shown.collected && (
						<TextField
							id="origin"
							label="Where it was collected: where, when, under which trees"
							value={origin}
							problem={problemAt(setPot.error, "origin")}
							hint="several small collections from healthy, undisturbed spots keep more diversity than one"
							onChange={(told) => kept.change({ origin: told })}
						/>
					)}
					<TextField
						id="since"
						as="PAST"
						label="Set when?"
						value={draft.since ?? ""}
						problem={troubleAt(recipe.error, "since")}
						hint="now, where you leave it empty; else “Sunday at 8”, “about three weeks ago”: its clock and dates start there"
						onChange={(since) => change({ since })}
					/>
					{draft.refills && (
						<p className="note">
							<b>Refill</b>
							<span>Set on the residue of the pot before, without washing; its family line says so.</span>
						</p>
					)}
					{step && (
						<p className="note">
							<b>Plan</b>
							<span>This pot carries out a step of the plan; whatever waits for it follows its progress.</span>
						</p>
					)}
					<Guidance recipe={shown} />
				</div>
			</section>
			<section className="side" aria-label="The vessel">
				<VesselPanel recipe={shown} garden={garden} stale={recipe.error !== null} />
				<div className="recipe-set">
					<Decision findings={shown.findings} taken={decided} onTake={setDecided} />
					<WaterReady
						recipe={shown}
						stood={draft.treatment === "STOOD"}
						onReady={(ready) => change({ treatment: ready ? "STOOD" : undefined })}
					/>
					<div className="actions">
						<Button
							type="submit"
							variant="primary"
							className="grow"
							disabled={
								recipe.error !== null ||
								setPot.isPending ||
								shown.refused ||
								(unwise(shown.findings).length > 0 && !decided)
							}
						>
							{submitWords(shown)}
						</Button>
					</div>
				</div>
			</section>
		</Form>
	);
}

function anchors(recipe: Recipe): { id: Anchor; words: string }[] {
	const main = recipe.amounts[0]?.name.split(/[,:(]/)[0]?.toLowerCase() ?? "it";
	const all: { id: Anchor; words: string }[] = [
		{ id: "IN_HAND", words: `I have ${main}` },
		{ id: "VESSEL", words: `I have a ${recipe.vessel.kindWords} to fill` },
		{ id: "WANTED", words: "I want this much" },
	];
	return recipe.targets.length > 0 ? [...all, { id: "AREA", words: "I have ground to feed" }] : all;
}

type WaterReadyProps = {
	readonly recipe: Recipe;
	readonly stood: boolean;
	readonly onReady: (ready: boolean) => void;
};

/** Water that stands for a day is the first stage of the pot; unless it has stood already: then all dates move at once. */
function WaterReady({ recipe, stood, onReady }: WaterReadyProps) {
	if (!waits(recipe) && !stood) {
		return null;
	}
	return (
		<Form.Check
			id="water-ready"
			className="decision"
			checked={stood}
			onChange={(event) => onReady(event.target.checked)}
			label="The water has stood already"
		/>
	);
}

function waits(recipe: Recipe): boolean {
	return recipe.water?.stands ?? false;
}

function submitWords(recipe: Recipe): string {
	if (recipe.refused) {
		return "Refused: see why";
	}
	return waits(recipe) ? `Let the water stand, for ${recipe.vessel.code}` : `Set this pot in ${recipe.vessel.code}`;
}
