import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link, useParams } from "react-router";
import type { Bottle, Garden, LogEntry, Pot } from "../../api/types";
import { dayAndTime, millis, shortDayAndTime } from "../../shared/dates";
import { Cautions } from "../../shared/FindingNote";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { useNarrow } from "../../shared/useNarrow";
import { WorkingMark } from "../../shared/WorkingMark";
import { useGarden } from "../garden";
import { useMay } from "../people";
import { BottledCard } from "./BottledCard";
import { CheckForm } from "./CheckForm";
import { EndForms } from "./EndForms";
import { FamilyCard } from "./FamilyCard";
import { isLed, Leading } from "./Leading";
import { Log } from "./Log";
import { Photos } from "./Photos";
import { PotChart } from "./PotChart";
import { PotDrawing } from "./PotDrawing";
import { PotRibbon } from "./PotRibbon";
import { potQuery } from "./queries";
import { TakeBack } from "./TakeBack";
import { VerdictCard } from "./VerdictCard";
import { WaterCard } from "./WaterCard";

/** One pot: how it is and what is next. */
export function PotPage() {
	const { id = "" } = useParams();
	const garden = useGarden();
	const pot = useQuery(potQuery(id));
	const [bottles, setBottles] = useState<readonly Bottle[]>([]);
	const [wrong, setWrong] = useState<LogEntry>();
	const narrow = useNarrow();
	const gardener = useMay("GARDENER");
	if (garden.isPending || pot.isPending) {
		return <p className="pots">Lifting the lid …</p>;
	}
	if (!garden.data || !pot.data) {
		return (
			<div className="pots">
				<ProblemNote error={garden.error ?? pot.error} />
				<Link to="/pots">Back to all pots</Link>
			</div>
		);
	}
	const working = pot.data.state === "WORKING" || pot.data.state === "HOLDING";
	const standing = pot.data.state === "WATER_STANDING";
	return (
		<div className={working && isLed(pot.data) ? "pot led" : "pot"}>
			{!narrow && (
				<section className="pot-drawing" aria-label="The vessel">
					<PotDrawing pot={pot.data} />
				</section>
			)}
			<section className="pot-main" aria-label="The pot">
				<Heading pot={pot.data} garden={garden.data} narrow={narrow} />
				{working && <Leading key={id} pot={pot.data} />}
				{bottles.length > 0 && <BottledCard bottles={bottles} cautions={pot.data.bottling.cautions} />}
				{gardener && (
					<TakeBack key={`back ${id} ${pot.data.takeBack?.at}`} pot={pot.data} onTaken={() => setBottles([])} />
				)}
				{standing && <WaterCard pot={pot.data} garden={garden.data} />}
				{working && wrong && (
					<p className="note" role="status">
						<b>Correcting</b>
						<span>
							the entry of {shortDayAndTime(wrong.at, garden.data)}: log it as it was. The wrong one stays readable,
							struck through.{" "}
							<Button variant="link" onClick={() => setWrong(undefined)}>
								Leave it
							</Button>
						</span>
					</p>
				)}
				{working && (
					<CheckForm
						key={`${id} ${wrong?.id}`}
						pot={pot.data}
						corrects={wrong}
						onLogged={(after, before) => {
							setWrong(undefined);
							setBottles(filledSince(before, after));
						}}
					/>
				)}
				{!working && !standing && <Ended pot={pot.data} garden={garden.data} />}
				{working && pot.data.verdict.kind === "NOT_YET" && <VerdictCard verdict={pot.data.verdict} />}
				<Sums pot={pot.data} />
				<PotChart key={`chart ${id}`} pot={pot.data} garden={garden.data} />
			</section>
			<section className="pot-side" aria-label="What to do and what was done">
				<Cautions cautions={working ? pot.data.cautions : []} />
				{gardener && working && <EndForms key={id} pot={pot.data} onBottled={setBottles} />}
				<FamilyCard pot={pot.data} />
				<Log pot={pot.data} garden={garden.data} onCorrect={setWrong} />
				<Photos pot={pot.data.summary} garden={garden.data} />
			</section>
		</div>
	);
}

/** What a visit drained into a can. */
function filledSince(before: Pot, after: Pot | undefined): readonly Bottle[] {
	const known = new Set(before.line.bottles.map((bottle) => bottle.id));
	return (after?.line.bottles ?? []).filter((bottle) => !known.has(bottle.id));
}

type HeadingProps = { readonly pot: Pot; readonly garden: Garden; readonly narrow: boolean };

function Heading({ pot, garden, narrow }: HeadingProps) {
	const { summary } = pot;
	const waits = (pot.state === "WORKING" || pot.state === "HOLDING") && !isLed(pot);
	return (
		<>
			<p className="soft mb-1">
				<Tag code={summary.code} /> {summary.place} · {setWords(pot, garden)} · {summary.title.toLowerCase()},{" "}
				{summary.school.toLowerCase()}
			</p>
			<div className="pot-name">
				<h1>{summary.name}</h1>
				{narrow && <PotDrawing pot={pot} />}
			</div>
			<p className="soft small mb-0">
				{pot.contents.join(", ")} · {pot.stageName.toLowerCase()}
				{!isLed(pot) && ` · ${pot.care}`}
				{waits && pot.state === "WORKING" && summary.careDue && <CareDue at={summary.careDue} garden={garden} />}
			</p>
			{pot.origin && <p className="small mb-0">Collected: {pot.origin}</p>}
			{pot.decisions.map((words) => (
				<p key={words} className="small mb-0">
					<b>Decided against advice:</b> {words}
				</p>
			))}
			{pot.state === "HOLDING" && (
				<p className="small mb-0">Ready, and left standing in its vessel by your decision.</p>
			)}
			{waits && <PotRibbon summary={summary} garden={garden} />}
		</>
	);
}

function setWords({ summary, since }: Pot, garden: Garden): string {
	if (since) {
		return `stands since: ${since}`;
	}
	return `${summary.waterStanding ? "to be set" : "set"} ${dayAndTime(summary.setAt, garden)}`;
}

function CareDue({ at, garden }: { readonly at: string; readonly garden: Garden }) {
	const overdue = millis(at) <= millis(garden.now);
	return <b>, {overdue ? "due now" : `next ${shortDayAndTime(at, garden)}`}</b>;
}

/** What is worked out from readings and visits: heap heat, shells dissolved, age. */
function Sums({ pot }: { readonly pot: Pot }) {
	return (
		<>
			{pot.sums.map((sum) => (
				<div key={sum.title} className="note mt-2">
					<b>{sum.title}</b>
					<span>
						{sum.words} <WorkingMark of={sum.title} working={sum.working} />
					</span>
				</div>
			))}
		</>
	);
}

function Ended({ pot, garden }: { readonly pot: Pot; readonly garden: Garden }) {
	return (
		<div className="note mt-3">
			<b>{pot.state === "EMPTIED" ? "Emptied" : "Thrown away"}</b>
			<span>
				{pot.endedAt && `${dayAndTime(pot.endedAt, garden)}: `}
				{pot.ended}. Its vessel {pot.summary.code} is free again.
			</span>
		</div>
	);
}
