import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link, useNavigate, useParams } from "react-router";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Draft, DraftRequest } from "../../api/types";
import { FindingNote } from "../../shared/FindingNote";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { TypedBefore } from "../../shared/TypedBefore";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { useTyped } from "../../shared/useTyped";
import { AddedParts } from "./AddedParts";
import { useBeginning, useDraft, useKeepOwn } from "./queries";

/** A method of one's own, begun from any other; what is odd about it is told while it is typed. */
export function OwnMethodPage() {
	const { id = "" } = useParams();
	const beginning = useBeginning(id);
	if (beginning.isPending) {
		return <p className="pots">Copying the page …</p>;
	}
	if (!beginning.data) {
		return (
			<div className="pots">
				<ProblemNote error={beginning.error} />
				<Link to="/book">Back to the book</Link>
			</div>
		);
	}
	return <OwnForm key={id} beginning={beginning.data} />;
}

function typedOf(beginning: Draft): DraftRequest {
	const own = beginning.fromId.startsWith("own-");
	return {
		fromId: beginning.fromId,
		replaces: own ? beginning.fromId : undefined,
		title: beginning.title,
		school: own ? beginning.school : "My way",
		amounts: Object.fromEntries(beginning.parts.map((part) => [part.id, part.value])),
		windows: Object.fromEntries(beginning.stages.map(({ id, least, most }) => [id, { least, most }])),
		strengths: Object.fromEntries(beginning.uses.map((use) => [use.target, use.water])),
		added: [],
	};
}

/** What is being added isn't complained about before its amount is typed. */
function said(typed: DraftRequest): DraftRequest {
	return { ...typed, added: (typed.added ?? []).filter((part) => part.amount.trim() !== "") };
}

function OwnForm({ beginning }: { readonly beginning: Draft }) {
	const navigate = useNavigate();
	const { typed, change, letGo, since } = useTyped(`own way of ${beginning.fromId}`, typedOf(beginning));
	const draft = useDraft(useDebounced(said(typed)));
	const shown = useLastGood(draft.data) ?? beginning;
	const keep = useKeepOwn();
	const error = draft.error ?? keep.error;
	const field = error ? problemFrom(error).field : undefined;
	const told = field !== undefined && field !== "draft";
	return (
		<Form
			noValidate
			className="page-two"
			onSubmit={(event) => {
				event.preventDefault();
				keep.mutate(typed, {
					onSuccess: (card) => {
						letGo();
						navigate(`/book/methods/${card.id}`);
					},
				});
			}}
		>
			<section className="main" aria-label="Your own method">
				<h1 className="mb-2">{typed.replaces ? "Change your method" : "A method of your own"}</h1>
				<TypedBefore since={since} onLetGo={letGo} />
				<div className="own-grid">
					<TextField
						id="own-title"
						label="Brew"
						value={typed.title}
						problem={troubleAt(error, "title")}
						onChange={(title) => change({ title })}
					/>
					<TextField
						id="own-school"
						label="What you call this way"
						value={typed.school}
						problem={troubleAt(error, "school")}
						onChange={(school) => change({ school })}
					/>
				</div>
				<h2 className="mt-3">Parts</h2>
				<div className="own-grid">
					{beginning.parts.map((part) => (
						<TextField
							key={part.id}
							id={`own-part-${part.id}`}
							label={`${part.name}, ${part.unit}`}
							value={typed.amounts?.[part.id] ?? ""}
							problem={troubleAt(error, `amounts.${part.id}`)}
							hint={`${part.value} in the book, ${part.markWords}`}
							onChange={(value) => change({ amounts: { ...typed.amounts, [part.id]: value } })}
						/>
					))}
				</div>
				<AddedParts
					added={typed.added ?? []}
					materials={shown.materials}
					per={shown.per}
					error={error}
					onChange={(added) => change({ added })}
				/>
				{beginning.stages.length > 0 && <h2 className="mt-3">Time, in days</h2>}
				{beginning.stages.map((stage) => (
					<div key={stage.id} className="own-grid">
						<TextField
							id={`own-least-${stage.id}`}
							label={`${stage.name}: earliest`}
							value={typed.windows?.[stage.id]?.least ?? ""}
							problem={troubleAt(error, `windows.${stage.id}`)}
							hint={`${stage.least} to ${stage.most} in the book, ${stage.markWords}`}
							onChange={(least) =>
								change({
									windows: { ...typed.windows, [stage.id]: { least, most: typed.windows?.[stage.id]?.most ?? "" } },
								})
							}
						/>
						<TextField
							id={`own-most-${stage.id}`}
							label={`${stage.name}: latest`}
							value={typed.windows?.[stage.id]?.most ?? ""}
							onChange={(most) =>
								change({
									windows: { ...typed.windows, [stage.id]: { least: typed.windows?.[stage.id]?.least ?? "", most } },
								})
							}
						/>
					</div>
				))}
				{beginning.uses.length > 0 && <h2 className="mt-3">Strength, parts of water to one</h2>}
				<div className="own-grid">
					{beginning.uses.map((use) => (
						<TextField
							key={use.target}
							id={`own-use-${use.target}`}
							label={`On ${use.words}`}
							value={typed.strengths?.[use.target] ?? ""}
							problem={troubleAt(error, `strengths.${use.target}`)}
							hint={`${use.water} in the book, ${use.markWords}`}
							onChange={(value) => change({ strengths: { ...typed.strengths, [use.target]: value } })}
						/>
					))}
				</div>
			</section>
			<section className="side" aria-label="What is odd about it">
				<h2>What the book says to it</h2>
				{shown.findings.length === 0 && <p className="soft">Nothing odd: it lies within what the book knows.</p>}
				{shown.findings.map((finding) => (
					<FindingNote key={finding.rule + finding.words} finding={finding} />
				))}
				{error && !told && <ProblemNote error={error} />}
				<div className="actions">
					<Button
						type="submit"
						variant="primary"
						className="grow"
						disabled={
							draft.error !== null || keep.isPending || shown.findings.some((finding) => finding.severity === "REFUSE")
						}
					>
						Keep it in the book
					</Button>
				</div>
				<details className="mt-3">
					<summary>As an open file</summary>
					<Form.Control
						as="textarea"
						readOnly
						rows={16}
						className="file-text"
						aria-label="The method as YAML"
						value={shown.yaml}
					/>
				</details>
			</section>
		</Form>
	);
}
