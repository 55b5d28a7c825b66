import Button from "react-bootstrap/Button";
import type { Plan, PlanGoal } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useEndGoal } from "./queries";

/** What is wanted, and what becomes of it. */
export function GoalList({ plan }: { readonly plan: Plan }) {
	const end = useEndGoal();
	return (
		<>
			<ul className="log plan-goals">
				{plan.goals.map((goal) => (
					<li key={goal.id}>
						<span>
							{goal.words}
							<br />
							<small className={tone(goal)}>
								{mark(goal)} {goal.outcome}
							</small>
						</span>
						<Button
							variant="link"
							className="small"
							aria-label={`Remove ${goal.words}`}
							disabled={end.isPending}
							onClick={() => end.mutate(goal.id)}
						>
							remove
						</Button>
					</li>
				))}
			</ul>
			{end.error && <ProblemNote error={end.error} />}
		</>
	);
}

function tone(goal: PlanGoal): string {
	if (goal.missing !== "") {
		return "trouble";
	}
	return goal.lateDays > 0 ? "late" : "ready";
}

function mark(goal: PlanGoal): string {
	if (goal.missing !== "") {
		return "✕";
	}
	return goal.lateDays > 0 ? "◔" : "✓";
}
