import { useQuery } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import { calendarDay } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useGarden } from "../garden";
import { GatherList } from "./GatherList";
import { planQuery } from "./queries";

/** The season on paper: what to set when, with room to tick. */
export function PlanSheet() {
	const garden = useGarden().data;
	const plan = useQuery(planQuery);
	if (!plan.data || !garden) {
		return <div className="pots">{plan.error ? <ProblemNote error={plan.error} /> : "Sharpening the pencil …"}</div>;
	}
	return (
		<div className="pots sheet-page">
			<div className="no-print actions">
				<Button variant="primary" onClick={() => window.print()}>
					Print
				</Button>
				<Link className="btn btn-outline" to="/plan">
					Back to the plan
				</Link>
			</div>
			<h1>Season of {garden.name}</h1>
			<p>As planned on {calendarDay(plan.data.today)}.</p>
			<table className="round-sheet">
				<thead>
					<tr>
						<th scope="col">Set</th>
						<th scope="col">What, in what, where</th>
						<th scope="col">What goes in</th>
						<th scope="col">Ready</th>
					</tr>
				</thead>
				<tbody>
					{plan.data.steps.map((step) => (
						<tr key={step.id}>
							<td>☐ {step.setWords}</td>
							<td>
								<b>{step.title}</b> in {step.code}, {step.place}
								<br />
								<small>
									gives {step.wanted} {step.uses[0]?.words}
								</small>
							</td>
							<td>{step.parts.map((part) => `${part.amount} ${part.name}`).join(", ")}</td>
							<td>
								{calendarDay(step.hopeful)} to {calendarDay(step.safe)}
								<br />☐ done
							</td>
						</tr>
					))}
				</tbody>
			</table>
			<h2>Wanted</h2>
			<ul>
				{plan.data.goals.map((goal) => (
					<li key={goal.id}>
						{goal.words}: {goal.outcome}
					</li>
				))}
			</ul>
			<GatherList plan={plan.data} />
		</div>
	);
}
