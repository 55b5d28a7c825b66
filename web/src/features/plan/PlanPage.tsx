import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link, useSearchParams } from "react-router";
import type { Plan } from "../../api/types";
import { PlanChart } from "../../drawings/PlanChart";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { GatherList } from "./GatherList";
import { GoalForm } from "./GoalForm";
import { GoalList } from "./GoalList";
import { MovedList, PlanNotes } from "./PlanNotes";
import { planQuery, useUnsettle } from "./queries";
import { StepCard } from "./StepCard";
import { Subscribe } from "./Subscribe";
import { wantedOf } from "./wanted";

const ROWS = [
	{ id: "step", words: "by step" },
	{ id: "vessel", words: "by vessel" },
] as const;

/** When must I start to have it by then? */
export function PlanPage() {
	const plan = useQuery(planQuery);
	const wanted = wantedOf(useSearchParams()[0]);
	const [adding, setAdding] = useState(wanted !== undefined);
	const [rows, setRows] = useState<"step" | "vessel">("step");
	const [opened, setOpened] = useState<string>();
	if (plan.isPending) {
		return <p className="pots">Counting back …</p>;
	}
	if (!plan.data) {
		return (
			<div className="pots">
				<ProblemNote error={plan.error} />
			</div>
		);
	}
	const is = plan.data;
	const step = is.steps.find((one) => one.id === opened) ?? (opened === undefined ? is.steps[0] : undefined);
	return (
		<div className="page-two plan">
			<section className="main" aria-label="The plan">
				<div className="plan-head">
					<h1>Plan</h1>
					{is.steps.length > 0 && <Options label="Rows" options={ROWS} value={rows} onChange={setRows} />}
				</div>
				{is.goals.length === 0 && (
					<div className="empty">
						<h2>Nothing is wanted yet</h2>
						<p>Say what you want by when, and the plan counts back: what to set, where, in what, and on which day.</p>
					</div>
				)}
				<MovedList plan={is} />
				{is.steps.length + is.started.length > 0 && (
					<>
						<PlanChart plan={is} by={rows} open={step?.id} onOpen={setOpened} />
						<ChartLegend plan={is} />
					</>
				)}
				{step && <StepCard key={step.id} step={step} plan={is} onOpen={setOpened} />}
				<GatherList plan={is} />
			</section>
			<section className="side" aria-label="Goals">
				<h2>Wanted</h2>
				<GoalList plan={is} />
				<div className="actions">
					<Button variant={adding ? "outline" : "primary"} onClick={() => setAdding(!adding)}>
						{adding ? "Not now" : "Want something"}
					</Button>
				</div>
				{adding && <GoalForm usual={is.usual} wanted={wanted} onDone={() => setAdding(false)} />}
				<PlanNotes plan={is} />
				<Settled plan={is} />
				<h2>Take it along</h2>
				<p className="card-lines">
					<Link className="btn btn-link px-0" to="/plan/sheet">
						Season on paper
					</Link>{" "}
					<a className="btn btn-link px-0" href="/api/plan/calendar.ics" download="plan.ics">
						Calendar file
					</a>
				</p>
				<Subscribe />
			</section>
		</div>
	);
}

function ChartLegend({ plan }: { readonly plan: Plan }) {
	return (
		<div className="legend" aria-hidden="true">
			<span>
				<i className="legend-set" /> set, then ready with luck
			</span>
			<span>
				<i className="legend-safe" /> until surely ready
			</span>
			<span>◇ wanted</span>
			<span>thick edge: must not slip</span>
			{plan.started.length > 0 && <span>filled: at work</span>}
			{plan.rains.length > 0 && <span>drop: rain forecast</span>}
			{plan.frosts.length > 0 && <span>blue: frost forecast</span>}
			{plan.frostDates.length > 0 && <span>dashed: frost usually begins or ends</span>}
		</div>
	);
}

/** What was settled by hand, with the way back. */
function Settled({ plan }: { readonly plan: Plan }) {
	const unsettle = useUnsettle();
	if (plan.choices.length === 0) {
		return null;
	}
	return (
		<>
			<h2>Settled by you</h2>
			<ul className="log">
				{plan.choices.map((choice) => (
					<li key={choice.product}>
						<span>
							<b>{choice.name}</b> {choice.words}
						</span>
						<Button
							variant="link"
							className="small"
							aria-label={`Leave ${choice.name} open again`}
							onClick={() => unsettle.mutate(choice.product)}
						>
							leave open
						</Button>
					</li>
				))}
			</ul>
		</>
	);
}
