import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link, useParams, useSearchParams } from "react-router";
import { problemFrom, troubleAt } from "../../api/problem";
import type { BenchAnswer, Instrument } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useDebounced } from "../../shared/useDebounced";
import { useNarrow } from "../../shared/useNarrow";
import { WorkingMark } from "../../shared/WorkingMark";
import { useGarden } from "../garden";
import { BenchChart } from "./BenchChart";
import { EntryField } from "./EntryField";
import { HandOvers } from "./HandOvers";
import { lastUses, remember } from "./history";
import { InstrumentDrawing } from "./InstrumentDrawing";
import { benchQuery, type Entries, sourcesQuery, useAnswer } from "./queries";

const SETTLED_MS = 1500;

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
		<div className="page-two bench-page">
			<section className="main" aria-label="Entries">
				<p className="no-print">
					<Link className="in-line" to="/bench">
						Bench
					</Link>
				</p>
				<h1>{instrument.title}</h1>
				<p className="soft">{instrument.asks}</p>
				{narrow && shown && <Face instrument={instrument} answer={shown} />}
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
			<section className={answer.error ? "side stale" : "side"} aria-label="The answer">
				{shown && <Shown instrument={instrument} entries={entries} answer={shown} face={!narrow} settled={settled} />}
			</section>
		</div>
	);
}

type ShownProps = {
	readonly instrument: Instrument;
	readonly entries: Entries;
	readonly answer: BenchAnswer;
	/** Whether the picture stands here; on a phone it stands above the entries, where the thumb turns them. */
	readonly face: boolean;
	/** Whether it answers what is entered now. */
	readonly settled: boolean;
};

/** The picture, and the answer in a sentence. */
function Face({ instrument, answer }: { readonly instrument: Instrument; readonly answer: BenchAnswer }) {
	const values = Object.fromEntries(answer.results.map((result) => [result.id, result.value]));
	return (
		<>
			<InstrumentDrawing id={instrument.id} values={values} words={answer.headline} />
			<p className="bench-headline" role="status">
				{answer.headline} <WorkingMark of={instrument.title} working={answer.working} />
			</p>
		</>
	);
}

function Shown({ instrument, entries, answer, face, settled }: ShownProps) {
	return (
		<>
			{face && <Face instrument={instrument} answer={answer} />}
			<dl className="bench-results">
				{answer.results.map((result) => (
					<div key={result.id}>
						<dt>{result.name}</dt>
						<dd>{result.text}</dd>
					</div>
				))}
			</dl>
			<Sources answer={answer} />
			{answer.chart && <BenchChart chart={answer.chart} />}
			{answer.remarks.map((remark) => (
				<p
					key={remark.words}
					className={remark.kind === "DANGER" ? "note refuse" : remark.kind === "WARNING" ? "note confirm" : "note"}
				>
					<b>{REMARKS[remark.kind]}</b>
					<span>{remark.words}</span>
				</p>
			))}
			{settled && <HandOvers handOvers={answer.handOvers} />}
			<LastUses id={instrument.id} entries={entries} headline={answer.headline} settled={settled} />
		</>
	);
}

/** What the formulas rest on. */
function Sources({ answer }: { readonly answer: BenchAnswer }) {
	const sources = [...new Set(answer.working.steps.map((step) => step.source))].filter(
		(source) => source !== "" && source !== "arithmetic",
	);
	return sources.length === 0 ? null : <p className="small soft">After {sources.join("; ")}.</p>;
}

const REMARKS: Readonly<Record<BenchAnswer["remarks"][number]["kind"], string>> = {
	ASSUMED: "Assumed",
	NOTE: "Note",
	WARNING: "Caution",
	DANGER: "Danger",
};

/** Entries from a real pot, bottle or planting. */
function StartFrom({ id, onTake }: { readonly id: string; readonly onTake: (values: Entries) => void }) {
	const sources = useQuery(sourcesQuery(id));
	if (!sources.data || sources.data.length === 0) {
		return null;
	}
	const all = sources.data;
	return (
		<Form.Group controlId="start-from" className="no-print">
			<Form.Label>Take it from your garden</Form.Label>
			<Form.Select
				value=""
				onChange={(event) => {
					const source = all[Number(event.target.value)];
					if (source) {
						onTake(source.values);
					}
				}}
			>
				<option value="">choose a pot, bottle or bed</option>
				{all.map((source, index) => (
					<option key={source.words} value={index}>
						{source.words}
					</option>
				))}
			</Form.Select>
		</Form.Group>
	);
}

type LastUsesProps = {
	readonly id: string;
	readonly entries: Entries;
	readonly headline: string;
	readonly settled: boolean;
};

/** The last uses of this device, each an address of its own; a use counts once it rests. */
function LastUses({ id, entries, headline, settled }: LastUsesProps) {
	const [uses, setUses] = useState(() => lastUses(id));
	const said = JSON.stringify(entries);
	useEffect(() => {
		if (said === "{}" || !settled) {
			return;
		}
		const timer = setTimeout(() => {
			remember({ id, entries: JSON.parse(said), headline });
			setUses(lastUses(id));
		}, SETTLED_MS);
		return () => clearTimeout(timer);
	}, [id, said, headline, settled]);
	return (
		<div className="no-print">
			{uses.length > 0 && (
				<>
					<h3>Last uses</h3>
					<ul className="log">
						{uses.map((use) => (
							<li key={JSON.stringify(use.entries)}>
								<Link className="in-line" to={`/bench/${id}?${new URLSearchParams(use.entries)}`}>
									{use.headline}
								</Link>
							</li>
						))}
					</ul>
				</>
			)}
			<div className="actions">
				<Button variant="outline" onClick={() => window.print()}>
					Print
				</Button>
			</div>
		</div>
	);
}
