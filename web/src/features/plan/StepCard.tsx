import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import { problemAt, troubleAt } from "../../api/problem";
import type { Plan, PlanStep } from "../../api/types";
import { calendarDay } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { TextField } from "../../shared/TextField";
import { WorkingMark } from "../../shared/WorkingMark";
import { recipeAddress } from "../newpot/draft";
import { useSettle } from "./queries";

type Props = {
	readonly step: PlanStep;
	readonly plan: Plan;
	readonly onOpen: (step: string) => void;
};

/** One step of the plan: when, what goes in, what it is for, and the way to start it now. */
export function StepCard({ step, plan, onOpen }: Props) {
	const inputs = plan.steps.filter((one) => step.inputs.includes(one.id));
	return (
		<section className="plan-step" aria-label={`Step: ${step.title}`}>
			<div className="plan-step-head">
				<h2>{step.title}</h2>
				<Tag code={step.code} />
				<span className="soft">
					{step.school} · {step.place}
				</span>
			</div>
			<div className="plan-step-body">
				<dl className="plan-dates">
					<dt>Set</dt>
					<dd>
						<b>{step.setWords}</b> <WorkingMark of={`When to set ${step.title}`} working={step.working} />
					</dd>
					<dt>Ready</dt>
					<dd>
						{calendarDay(step.hopeful)} with luck, {calendarDay(step.safe)} surely
					</dd>
					<dt>Room</dt>
					<dd className={step.slackDays < 0 ? "trouble" : undefined}>{slack(step)}</dd>
					<dt>Gives</dt>
					<dd>
						{step.wanted}
						<ul className="plain-list small">
							{step.uses.map((use) => (
								<li key={use.day + use.words}>
									{use.amount} {use.words}
								</li>
							))}
						</ul>
					</dd>
				</dl>
				<div>
					<h3>What goes in</h3>
					<ul className="plain-list">
						{step.parts.map((part) => (
							<li key={part.name}>
								<b>{part.amount}</b> {part.name}
								{part.brewed && <small className="soft"> · brewed</small>}
							</li>
						))}
					</ul>
					{step.water && <p className="soft small">{step.water}</p>}
					{step.spare && <p className="small mb-1">{step.spare}</p>}
					{step.cautions.map((caution) => (
						<p key={caution} className="note">
							<b>Mind</b>
							<span>{caution}</span>
						</p>
					))}
					{step.fill && <FillDays fill={step.fill} />}
				</div>
			</div>
			<div className="actions">
				{inputs.length === 0 ? (
					<Link className="btn btn-primary" to={startAddress(step)}>
						Start it now
					</Link>
				) : (
					<span className="soft">
						Waits for{" "}
						{inputs.map((input) => (
							<Button key={input.id} variant="link" className="px-1" onClick={() => onOpen(input.id)}>
								{input.title}
							</Button>
						))}
					</span>
				)}
			</div>
		</section>
	);
}

function slack(step: PlanStep): string {
	if (step.slackDays < 0) {
		return "none, the last safe day has passed";
	}
	return step.slackDays === 0
		? "none: this is the last safe day"
		: `${days(step.slackDays)}: ${calendarDay(step.latest)} is the last safe day`;
}

function days(count: number): string {
	return count === 1 ? "1 day" : `${count} days`;
}

/** New pot, filled in with what the plan knows. */
function startAddress(step: PlanStep): string {
	const search = new URLSearchParams({
		want: step.wanted,
		vessel: step.vesselId,
		place: step.placeId,
		step: step.id,
	});
	return `${recipeAddress(step.methodId)}&${search}`;
}

/** How long this household takes to fill its bin. */
function FillDays({ fill: { product, days } }: { readonly fill: NonNullable<PlanStep["fill"]> }) {
	const settle = useSettle();
	const [typed, setTyped] = useState(String(days));
	return (
		<div className="fill-days">
			<TextField
				id="fill-days"
				label="Days until your bin is full"
				value={typed}
				problem={troubleAt(settle.error, "fillDays")}
				onChange={setTyped}
			/>
			<Button
				variant="outline"
				disabled={settle.isPending || typed === String(days)}
				onClick={() => settle.mutate({ product, fillDays: typed })}
			>
				Settle
			</Button>
			{settle.error && !problemAt(settle.error, "fillDays") && <ProblemNote error={settle.error} />}
		</div>
	);
}
