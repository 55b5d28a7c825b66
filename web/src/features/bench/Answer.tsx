import type { BenchAnswer, Instrument } from "../../api/types";
import { WorkingMark } from "../../shared/WorkingMark";
import { BenchChart } from "./BenchChart";
import { HandOvers } from "./HandOvers";
import { InstrumentDrawing } from "./InstrumentDrawing";

type Props = {
	readonly instrument: Instrument;
	readonly answer: BenchAnswer;
};

/** The picture, and the answer in a sentence. */
export function Picture({ instrument, answer }: Props) {
	return (
		<div className="bench-picture">
			<InstrumentDrawing id={instrument.id} shown={answer.shown} words={answer.headline} />
			<p className="bench-headline" role="status">
				{answer.headline} <WorkingMark of={instrument.title} working={answer.working} />
			</p>
		</div>
	);
}

type AnswerProps = {
	readonly answer: BenchAnswer;
	/** Whether it answers what is entered now: only that may be handed on. */
	readonly settled: boolean;
};

/** The numbers of an answer, where they may go, its curve, and what to mind. */
export function Answer({ answer, settled }: AnswerProps) {
	return (
		<>
			<dl className="bench-results">
				{answer.results.map((result) => (
					<div key={result.id}>
						<dt>{result.name}</dt>
						<dd>{result.text}</dd>
					</div>
				))}
			</dl>
			{settled && <HandOvers handOvers={answer.handOvers} />}
			{answer.chart && <BenchChart chart={answer.chart} />}
			<div className="bench-remarks">
				{answer.remarks.map((remark) => (
					<Remark key={remark.words} {...remark} />
				))}
				<Sources answer={answer} />
			</div>
		</>
	);
}

type Remarks = BenchAnswer["remarks"][number];

const REMARKS: Readonly<Record<Remarks["kind"], string>> = {
	ASSUMED: "Assumed",
	NOTE: "Note",
	WARNING: "Caution",
	DANGER: "Danger",
};

const NOTES: Readonly<Record<Remarks["kind"], string>> = {
	ASSUMED: "note",
	NOTE: "note",
	WARNING: "note confirm",
	DANGER: "note refuse",
};

function Remark({ kind, words }: Remarks) {
	return (
		<p className={NOTES[kind]}>
			<b>{REMARKS[kind]}</b>
			<span>{words}</span>
		</p>
	);
}

/** What the formulas rest on. */
function Sources({ answer }: { readonly answer: BenchAnswer }) {
	const sources = [...new Set(answer.working.steps.map((step) => step.source))].filter(
		(source) => source !== "" && source !== "arithmetic",
	);
	return sources.length === 0 ? null : <p className="small soft">After {sources.join("; ")}.</p>;
}
