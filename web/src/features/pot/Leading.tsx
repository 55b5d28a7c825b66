import Button from "react-bootstrap/Button";
import type { Pot } from "../../api/types";
import { WorkingMark } from "../../shared/WorkingMark";
import { capital } from "../../shared/words";
import { DangerCard } from "./DangerCard";
import { ThrowAwayForm } from "./ThrowAwayForm";
import { VerdictCard } from "./VerdictCard";

/** Whether a danger or a verdict says what to do now, so that dates and care have nothing to say. */
export function isLed(pot: Pot): boolean {
	return pot.dangers.length > 0 || pot.verdict.kind !== "NOT_YET";
}

/** What heads the page: dangers, each with its one action, else a verdict that changes what to do. */
export function Leading({ pot }: { readonly pot: Pot }) {
	const spoilt = pot.verdict.kind === "THROW_AWAY";
	return (
		<>
			{pot.dangers.map((danger) => (
				<DangerCard key={danger.todo} danger={danger}>
					{danger.throwAway && (
						<div className="danger-act">
							<WorkingMark of={danger.todo} working={pot.verdict.working} words="how this was judged" />
							<ThrowAwayForm pot={pot} open />
						</div>
					)}
				</DangerCard>
			))}
			{!spoilt && pot.verdict.kind !== "NOT_YET" && (
				<VerdictCard verdict={pot.verdict}>
					<Button variant="primary" onClick={toTheEnd}>
						{capital(pot.tasks.find((task) => task.act === undefined)?.todo ?? "empty it")} …
					</Button>
				</VerdictCard>
			)}
		</>
	);
}

function toTheEnd() {
	const end = document.getElementById("end");
	end?.scrollIntoView?.({ block: "start" });
	end?.querySelector<HTMLElement>("input, button")?.focus({ preventScroll: true });
}
