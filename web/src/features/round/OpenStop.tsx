import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import type { Garden, Pot } from "../../api/types";
import { dayAndTime, dayOf } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { WorkingMark } from "../../shared/WorkingMark";
import { capital } from "../../shared/words";
import { CheckForm, DangerCard, type Logged, PotDrawing, PotRibbon, PotVessel, potQuery, VerdictCard } from "../pot";

type Props = {
	readonly id: string;
	readonly garden: Garden;
	readonly narrow: boolean;
	/** Whether what was just logged changed what to do: that is read before going on. */
	readonly changed: boolean;
	readonly onLogged: (after: Logged, before: Pot) => void;
	readonly onNext: () => void;
};

/** The stop where the gardener stands now: the pot drawn, what to do, the senses pad, the verdict. */
export function OpenStop({ id, garden, narrow, changed, onLogged, onNext }: Props) {
	const pot = useQuery(potQuery(id));
	if (pot.isPending) {
		return <p className="soft open-stop waiting">Lifting the lid …</p>;
	}
	if (!pot.data) {
		return (
			<div className="open-stop waiting">
				<ProblemNote error={pot.error} />
			</div>
		);
	}
	return (
		<section className="open-stop" aria-label={pot.data.summary.name}>
			{!narrow && (
				<div className="open-drawing">
					<PotDrawing pot={pot.data} />
				</div>
			)}
			<div>
				{narrow ? <Who pot={pot.data} /> : <Heading pot={pot.data} garden={garden} />}
				{changed ? (
					<Changed pot={pot.data} onNext={onNext} />
				) : (
					<>
						{!narrow && <PotRibbon summary={pot.data.summary} garden={garden} />}
						<Tasks pot={pot.data} />
						<VerdictCard verdict={pot.data.verdict}>{!narrow && <ToItsPage pot={pot.data} />}</VerdictCard>
						{narrow && <ReadyLine pot={pot.data} garden={garden} />}
						<CheckForm
							key={id}
							pot={pot.data}
							then={narrow ? "log, next" : "log, next stop"}
							lead={narrow && pot.data.verdict.kind !== "NOT_YET" ? <ToItsPage pot={pot.data} /> : undefined}
							onLogged={onLogged}
						/>
					</>
				)}
			</div>
		</section>
	);
}

function Heading({ pot, garden }: { readonly pot: Pot; readonly garden: Garden }) {
	return (
		<>
			<p className="soft mb-1">
				<Tag code={pot.summary.code} /> {pot.summary.place} · set {dayAndTime(pot.summary.setAt, garden)} ·{" "}
				{pot.summary.school.toLowerCase()}
			</p>
			<h2 className="open-title">{pot.summary.name}</h2>
		</>
	);
}

/** On the phone: which bucket it is, at a glance. */
function Who({ pot }: { readonly pot: Pot }) {
	return (
		<div className="who">
			<PotVessel pot={pot} />
			<div>
				<small className="soft">{pot.summary.place}</small>
				<h2>{pot.summary.name}</h2>
			</div>
			<Link className="who-page" to={`/pots/${pot.summary.id}`} aria-label={`${pot.summary.code}, its page`}>
				<Tag code={pot.summary.code} />
			</Link>
		</div>
	);
}

function ReadyLine({ pot, garden }: { readonly pot: Pot; readonly garden: Garden }) {
	const { forecast } = pot.summary;
	return (
		<p className="soft small mb-0 mt-1">
			ready {forecast.words}
			{forecast.likely && `, likely ${dayOf(forecast.likely, garden)}`}{" "}
			<WorkingMark of="When it is ready" working={forecast.working} />
		</p>
	);
}

/** The two or three things to do here, besides what the verdict says. */
function Tasks({ pot }: { readonly pot: Pot }) {
	return (
		<ul className="tasks">
			{pot.tasks
				.filter(
					(task) =>
						task.why !== pot.verdict.headline && !pot.dangers.some((danger) => danger.words.join(" ") === task.why),
				)
				.filter((task) => !pot.verdict.advice.includes(task.why))
				.map((task) => (
					<li key={task.todo}>
						<b>{task.todo}</b> {task.why}
					</li>
				))}
			{pot.sums.map((sum) => (
				<li key={sum.title}>
					{sum.words} <WorkingMark of={sum.title} working={sum.working} />
				</li>
			))}
		</ul>
	);
}

/** What was just logged changed what to do here: that is read before the round goes on. */
function Changed({ pot, onNext }: { readonly pot: Pot; readonly onNext: () => void }) {
	const ref = useRef<HTMLDivElement>(null);
	useEffect(() => {
		ref.current?.scrollIntoView?.({ block: "nearest" });
		ref.current?.focus({ preventScroll: true });
	}, []);
	return (
		<div ref={ref} tabIndex={-1} className="changed" role="status">
			<p className="mb-1">
				<b>Logged.</b> It changes what to do here:
			</p>
			{pot.dangers.map((danger) => (
				<DangerCard key={danger.todo} danger={danger} />
			))}
			{pot.verdict.kind !== "THROW_AWAY" && (
				<VerdictCard verdict={pot.verdict}>
					<ToItsPage pot={pot} />
				</VerdictCard>
			)}
			<Button variant={pot.dangers.length > 0 ? "outline" : "primary"} className="mt-3" onClick={onNext}>
				Next stop
			</Button>
		</div>
	);
}

/** What ends the pot is done on its own page. */
function ToItsPage({ pot }: { readonly pot: Pot }) {
	const ends = pot.verdict.kind !== "NOT_YET";
	return (
		<Link className={ends ? "btn btn-primary" : "btn btn-outline"} to={`/pots/${pot.summary.id}${ends ? "#end" : ""}`}>
			{ends ? `${capital(pot.tasks[0]?.todo ?? "empty it")} …` : "Its page"}
		</Link>
	);
}
