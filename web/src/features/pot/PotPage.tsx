import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { Bottle, Garden, Pot } from "../../api/types";
import { Ribbon } from "../../drawings/Ribbon";
import { VesselDrawing } from "../../drawings/VesselDrawing";
import { contentsOf } from "../../drawings/vesselKinds";
import { DAY_MS, dayAndTime, dayOf, millis, shortDayAndTime } from "../../shared/dates";
import { Cautions } from "../../shared/FindingNote";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { useWidth } from "../../shared/useWidth";
import { WorkingMark } from "../../shared/WorkingMark";
import { useGarden } from "../garden";
import { BottledCard } from "./BottledCard";
import { CheckForm } from "./CheckForm";
import { EndForms } from "./EndForms";
import { Log } from "./Log";
import { potQuery } from "./queries";
import { VerdictCard } from "./VerdictCard";
import { WaterCard } from "./WaterCard";

/** One pot: how it is and what is next. */
export function PotPage() {
	const { id = "" } = useParams();
	const garden = useGarden();
	const pot = useQuery(potQuery(id));
	const [bottle, setBottle] = useState<Bottle>();
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
	const working = pot.data.state === "WORKING";
	const standing = pot.data.state === "WATER_STANDING";
	return (
		<div className="pot">
			<section className="pot-drawing" aria-label="The vessel">
				<PotDrawing pot={pot.data} />
			</section>
			<section className="pot-main" aria-label="The pot">
				<Heading pot={pot.data} garden={garden.data} />
				{bottle && <BottledCard bottle={bottle} cautions={pot.data.bottling.cautions} />}
				{standing && <WaterCard pot={pot.data} garden={garden.data} />}
				{working && <CheckForm key={id} pot={pot.data} />}
				{!working && !standing && <Ended pot={pot.data} />}
				{working && <VerdictCard verdict={pot.data.verdict} />}
			</section>
			<section className="pot-side" aria-label="What to do and what was done">
				<Cautions cautions={working ? pot.data.dangers : []} />
				{working && <EndForms pot={pot.data} onBottled={setBottle} />}
				<Log pot={pot.data} garden={garden.data} />
			</section>
		</div>
	);
}

function PotDrawing({ pot }: { readonly pot: Pot }) {
	const cap = Math.min(pot.capShare, pot.summary.standingShare);
	return (
		<>
			<VesselDrawing
				kind={pot.summary.vesselKind}
				contents={contentsOf(pot.summary.family)}
				mashShare={pot.state === "WORKING" ? pot.summary.standingShare - cap : 0}
				capShare={pot.state === "WORKING" ? cap : 0}
				neededShare={pot.neededShare}
				over={false}
				breathing={true}
				title={`${pot.summary.code}, ${Math.round(pot.summary.standingShare * 100)} % full`}
			/>
			<p className="text-center small soft">
				{pot.capacity} · {pot.lid} <WorkingMark of="How full it stands" working={pot.standing} />
			</p>
		</>
	);
}

function Heading({ pot, garden }: { readonly pot: Pot; readonly garden: Garden }) {
	const { summary } = pot;
	const { ref, width } = useWidth<HTMLDivElement>(600);
	const { forecast } = summary;
	const last = Math.max(millis(forecast.late ?? garden.now), millis(garden.now)) + 2 * DAY_MS;
	const from = millis(summary.setAt) - DAY_MS / 2;
	const x = (moment: string) => ((millis(moment) - from) / (last - from)) * width;
	return (
		<>
			<p className="soft mb-1">
				<Tag code={summary.code} /> {summary.place} · {summary.waterStanding ? "to be set" : "set"}{" "}
				{dayAndTime(summary.setAt, garden.zone)} · {summary.title.toLowerCase()}, {summary.school.toLowerCase()}
			</p>
			<h1>{summary.name}</h1>
			<p className="soft small mb-0">
				{pot.contents.join(", ")} · {pot.stageName.toLowerCase()} · {pot.care}
				{pot.state === "WORKING" && summary.careDue && <CareDue at={summary.careDue} garden={garden} />}
			</p>
			{pot.decisions.map((words) => (
				<p key={words} className="small mb-0">
					<b>Decided against advice:</b> {words}
				</p>
			))}
			{pot.state === "WORKING" && (
				<div ref={ref}>
					<Ribbon
						width={width}
						x={x}
						setAt={summary.setAt}
						now={garden.now}
						early={forecast.early}
						late={forecast.late}
						past={forecast.past}
						checks={summary.checks}
					/>
					<p className="mb-0">
						<span className="soft small">{dayOf(summary.setAt, garden.zone)} → </span>
						<b>ready {forecast.words}</b> <WorkingMark of="When it is ready" working={forecast.working} />{" "}
						<span className="soft small">{forecast.reason}</span>
					</p>
				</div>
			)}
		</>
	);
}

function CareDue({ at, garden }: { readonly at: string; readonly garden: Garden }) {
	const overdue = millis(at) <= millis(garden.now);
	return <b>, {overdue ? "due now" : `next ${shortDayAndTime(at, garden.zone)}`}</b>;
}

function Ended({ pot }: { readonly pot: Pot }) {
	return (
		<div className="note mt-3">
			<b>{pot.state === "EMPTIED" ? "Emptied" : "Thrown away"}</b>
			<span>
				{pot.ended}. Its vessel {pot.summary.code} is free again.
			</span>
		</div>
	);
}
