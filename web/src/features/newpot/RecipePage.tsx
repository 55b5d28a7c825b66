import { useState } from "react";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import { problemAt, problemFrom } from "../../api/problem";
import { ProblemNote } from "../../shared/ProblemNote";
import { TypedBefore } from "../../shared/TypedBefore";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { useTyped } from "../../shared/useTyped";
import { useBook } from "../book";
import { useGarden } from "../garden";
import { AmountsTable } from "./AmountsTable";
import { AnchorPick } from "./AnchorPick";
import { ChoicesRow } from "./ChoicesRow";
import { Circumstances } from "./Circumstances";
import { type Begun, type Draft, draftOf, requestOf, schooledAt } from "./draft";
import { Guidance } from "./Guidance";
import { useRecipe } from "./queries";
import { SchoolPicker } from "./SchoolPicker";
import { SetPanel } from "./SetPanel";
import { TitleRow } from "./TitleRow";
import { useSetting } from "./useSetting";
import { VesselPanel } from "./VesselPanel";

const BESIDE_A_FIELD = /^(name|origin|since|wanted|area|weeks|target|capacity|inHand\..+|materials\..+)$/;

/** One page for every method: amounts, vessel, dates, steps, cautions, all live while typing. */
export function RecipePage({ search }: { readonly search: URLSearchParams }) {
	const garden = useGarden().data;
	const book = useBook();
	const kept = useTyped<Begun>(`new pot ${search}`, { draft: draftOf(search), origin: "" });
	const { name, draft, origin } = kept.typed;
	const [decided, setDecided] = useState(false);
	const recipe = useRecipe(useDebounced(requestOf(draft)), garden?.units);
	const shown = useLastGood(recipe.data);
	const { setPot, set, planned } = useSetting(search, kept.letGo);
	const change = (part: Partial<Draft>) => kept.change({ draft: { ...draft, ...part } });

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
	const schools = book.data.flatMap((family) => family.methods).filter((one) => one.product === shown.productId);
	return (
		<Form
			className="page-two"
			noValidate
			onSubmit={(event) => {
				event.preventDefault();
				set(kept.typed, shown, decided);
			}}
		>
			<section className="main" aria-label="The recipe">
				<h1 className="visually-hidden">New pot: {shown.title}</h1>
				<TypedBefore since={kept.since} wall={garden} onLetGo={kept.letGo} />
				<TitleRow
					recipe={shown}
					name={name ?? shown.title}
					problem={problemAt(setPot.error, "name")}
					onName={(typed) => kept.change({ name: typed })}
				/>
				{schools.length > 1 && (
					<SchoolPicker
						methods={schools}
						chosen={draft.methodId}
						onChoose={(methodId) => change(schooledAt(methodId))}
					/>
				)}
				<AnchorPick recipe={shown} draft={draft} error={recipe.error} onChange={change} />
				<div className={recipe.error ? "stale" : undefined}>
					<AmountsTable recipe={shown} draft={draft} error={recipe.error} onChange={change} />
				</div>
				<div className="recipe-choices">
					<ChoicesRow recipe={shown} draft={draft} problem={problemAt(recipe.error, "capacity")} onChange={change} />
					<Trouble error={recipe.error ?? setPot.error} />
					<Circumstances
						recipe={shown}
						draft={draft}
						origin={origin}
						planned={planned}
						recipeError={recipe.error}
						setError={setPot.error}
						onChange={change}
						onOrigin={(told) => kept.change({ origin: told })}
					/>
					<Guidance recipe={shown} />
				</div>
			</section>
			<section className="side" aria-label="The vessel">
				<VesselPanel recipe={shown} garden={garden} stale={recipe.error !== null} />
				<SetPanel
					recipe={shown}
					held={recipe.error !== null || setPot.isPending}
					decided={decided}
					stood={draft.treatment === "STOOD"}
					onDecide={setDecided}
					onStood={(stood) => change({ treatment: stood ? "STOOD" : undefined })}
				/>
			</section>
		</Form>
	);
}

/** What is wrong, where no field says it. */
function Trouble({ error }: { readonly error: Error | null }) {
	const beside = error !== null && BESIDE_A_FIELD.test(problemFrom(error).field ?? "");
	return error === null || beside ? null : <ProblemNote error={error} />;
}
