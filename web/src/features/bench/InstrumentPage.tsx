import "./bench.css";
import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import Form from "react-bootstrap/Form";
import { Link, useParams, useSearchParams } from "react-router";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Instrument } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useDebounced } from "../../shared/useDebounced";
import { useNarrow } from "../../shared/useNarrow";
import { useGarden } from "../garden";
import { Answer, Picture } from "./Answer";
import { EntryField } from "./EntryField";
import { LastUses } from "./LastUses";
import { benchQuery, type Entries, useAnswer } from "./queries";
import { StartFrom } from "./StartFrom";

/** One instrument: entries that can be typed and turned, the answer drawn, its working, and where it goes next. */
export function InstrumentPage() {
	const { id = "" } = useParams();
	const bench = useQuery(benchQuery);
	const instrument = bench.data?.find((one) => one.id === id);
	if (!bench.data) {
		return <div className="pots">{bench.error ? <ProblemNote error={bench.error} /> : "Clearing the bench …"}</div>;
	}
	if (!instrument) {
		return (
			<div className="pots">
				<p>There is no such instrument.</p>
				<Link to="/bench">Back to the bench</Link>
			</div>
		);
	}
	return <Turning key={id} instrument={instrument} />;
}

function Turning({ instrument }: { readonly instrument: Instrument }) {
	const garden = useGarden().data;
	const [search, setSearch] = useSearchParams();
	const entries: Entries = useMemo(() => Object.fromEntries(search), [search]);
	const asked = useDebounced(entries);
	const answer = useAnswer(instrument.id, asked, garden?.units);
	const change = (changed: Entries) => setSearch({ ...entries, ...changed }, { replace: true });
	const shown = answer.data;
	// What was answered to earlier entries may be looked at, but not handed on.
	const settled = !answer.isPlaceholderData && !answer.error && JSON.stringify(asked) === JSON.stringify(entries);
	const narrow = useNarrow();
	const problem = answer.error ? problemFrom(answer.error) : undefined;
	const beside = instrument.entries.some((entry) => entry.id === problem?.field);
	return (
		<div className="bench-page">
			<section className="bench-side" aria-label="Entries">
				<p className="no-print">
					<Link className="in-line" to="/bench">
						Bench
					</Link>
				</p>
				<h1>{instrument.title}</h1>
				<p className="soft">{instrument.asks}</p>
				{narrow && shown && <Picture instrument={instrument} answer={shown} />}
				<Form className="bench-entries" noValidate onSubmit={(event) => event.preventDefault()}>
					{instrument.entries.map((entry) => (
						<EntryField
							key={entry.id}
							entry={entry}
							value={entries[entry.id] ?? entry.usual}
							problem={troubleAt(answer.error, entry.id)}
							read={settled ? shown?.read[entry.id] : undefined}
							onChange={(value) => change({ [entry.id]: value })}
						/>
					))}
				</Form>
				<StartFrom id={instrument.id} onTake={change} />
				{problem && !beside && <ProblemNote error={answer.error} />}
			</section>
			<section className={answer.error ? "bench-answer stale" : "bench-answer"} aria-label="The answer">
				{shown && !narrow && <Picture instrument={instrument} answer={shown} />}
				{shown && <Answer answer={shown} settled={settled} />}
				{shown && <LastUses id={instrument.id} entries={entries} headline={shown.headline} settled={settled} />}
			</section>
		</div>
	);
}
