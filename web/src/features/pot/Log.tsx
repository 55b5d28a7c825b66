import Button from "react-bootstrap/Button";
import type { Garden, Pot } from "../../api/types";
import { shortDayAndTime } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWriteKey } from "../../shared/useWriteKey";
import { useCheck } from "./queries";

/** What was done and sensed, newest first. A wrong entry is struck through by a new one, never rubbed out. */
export function Log({ pot, garden }: { readonly pot: Pot; readonly garden: Garden }) {
	const check = useCheck(pot.summary.id);
	const key = useWriteKey();
	const strike = (id: string) =>
		check.mutate(
			{ key: key.current(), check: { act: "LOOKED", signs: {}, note: "entered by mistake", corrects: id } },
			{ onSuccess: key.renew },
		);
	return (
		<section aria-labelledby="log-title">
			<h2 id="log-title">Log</h2>
			{pot.log.length === 0 && <p className="soft">Nothing yet. Your first visit will stand here.</p>}
			<ul className="log">
				{pot.log.map((entry) => (
					<li key={entry.id}>
						<span className={entry.struck ? "struck" : undefined}>
							<b>{shortDayAndTime(entry.at, garden.zone)}</b> {entry.correction ? "correction" : entry.act}
							{entry.words.length > 0 && `: ${entry.words.join(", ")}`}
						</span>
						{pot.state === "WORKING" && !entry.struck && !entry.correction && (
							<Button
								variant="link"
								className="small"
								aria-label={`Strike the entry of ${shortDayAndTime(entry.at, garden.zone)}`}
								onClick={() => strike(entry.id)}
							>
								strike
							</Button>
						)}
					</li>
				))}
			</ul>
			{check.error && <ProblemNote error={check.error} />}
		</section>
	);
}
