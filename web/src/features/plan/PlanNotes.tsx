import Button from "react-bootstrap/Button";
import type { Plan, PlanNote, Remedy } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useEaseGoal, useKeepPlan, useSettle } from "./queries";

const GRAVE = ["NO_WAY", "NO_VESSEL", "TOO_COLD", "NO_ROOM", "LATE", "CLASH"];

const TITLES: Readonly<Record<PlanNote["kind"], string>> = {
	NO_WAY: "No way",
	NO_VESSEL: "No vessel",
	TOO_COLD: "Too cold",
	NO_ROOM: "No room",
	LATE: "Late",
	CLASH: "Vessels",
	TURNS: "May turn",
	FROST: "Frost",
	RAIN: "Rain",
};

/** What stands against the plan, each with what would help as buttons. */
export function PlanNotes({ plan }: { readonly plan: Plan }) {
	const settle = useSettle();
	const ease = useEaseGoal();
	if (plan.notes.length === 0) {
		return null;
	}
	const take = (remedy: Remedy) => {
		switch (remedy.kind) {
			case "WARMER_PLACE":
				return settle.mutate({ product: remedy.product, placeId: remedy.target });
			case "SHORTER_SCHOOL":
				return settle.mutate({ product: remedy.product, methodId: remedy.target });
			case "BUY":
				return settle.mutate({ product: remedy.product, bought: true });
			default:
				return ease.mutate({ id: remedy.goal, days: remedy.days, share: remedy.amount });
		}
	};
	const error = settle.error ?? ease.error;
	return (
		<>
			<h2>In the way</h2>
			{plan.notes.map((note) => (
				<div key={note.kind + note.words} className={GRAVE.includes(note.kind) ? "note confirm" : "note"}>
					<b>{TITLES[note.kind]}</b>
					<div>
						{note.words}
						{note.remedies.length > 0 && (
							<div className="remedies">
								{note.remedies.map((remedy) => (
									<Button
										key={remedy.words}
										variant="outline"
										className="btn-sm"
										disabled={settle.isPending || ease.isPending}
										onClick={() => take(remedy)}
									>
										{remedy.words}
									</Button>
								))}
							</div>
						)}
					</div>
				</div>
			))}
			{error && <ProblemNote error={error} />}
		</>
	);
}

/** What moved since the gardener last agreed to the plan, and why. */
export function MovedList({ plan }: { readonly plan: Plan }) {
	const keep = useKeepPlan();
	if (plan.moved.length === 0) {
		return null;
	}
	return (
		<section className="plan-moved" aria-label="What moved">
			<h2>{plan.moved.length === 1 ? "One step moved" : `${plan.moved.length} steps moved`}</h2>
			<ul className="log">
				{plan.moved.map((moved) => (
					<li key={moved.step}>
						<span>
							<b>{moved.title}</b> {moved.words}. <span className="soft">{moved.why}</span>
						</span>
					</li>
				))}
			</ul>
			<Button variant="outline" disabled={keep.isPending} onClick={() => keep.mutate(undefined)}>
				All right, keep it so
			</Button>
			{keep.error && <ProblemNote error={keep.error} />}
		</section>
	);
}
