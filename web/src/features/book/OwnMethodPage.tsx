import Form from "react-bootstrap/Form";
import { Link, useNavigate, useParams } from "react-router";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Draft, DraftRequest } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { TypedBefore } from "../../shared/TypedBefore";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { useTyped } from "../../shared/useTyped";
import { AddedParts } from "./AddedParts";
import { OwnParts, OwnStrengths, OwnTimes } from "./OwnFields";
import { OwnFindings } from "./OwnFindings";
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
				<OwnParts beginning={beginning} typed={typed} error={error} onChange={change} />
				<AddedParts
					added={typed.added ?? []}
					materials={shown.materials}
					per={shown.per}
					error={error}
					onChange={(added) => change({ added })}
				/>
				<OwnTimes beginning={beginning} typed={typed} error={error} onChange={change} />
				<OwnStrengths beginning={beginning} typed={typed} error={error} onChange={change} />
			</section>
			<OwnFindings shown={shown} error={told ? null : error} held={draft.error !== null || keep.isPending} />
		</Form>
	);
}
