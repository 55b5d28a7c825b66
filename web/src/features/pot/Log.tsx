import Button from "react-bootstrap/Button";
import type { Garden, LogEntry, Pot } from "../../api/types";
import { shortDayAndTime } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWriteKey } from "../../shared/useWriteKey";
import { useCheck, useStrikeReading } from "./queries";

type Props = {
	readonly pot: Pot;
	readonly garden: Garden;
	readonly onCorrect: (entry: LogEntry) => void;
};

/** What was done, sensed and read, newest first. A wrong entry is struck through by a new one, never rubbed out. */
export function Log({ pot, garden, onCorrect }: Props) {
	const check = useCheck(pot.summary.id, pot.summary.name);
	const strikeReading = useStrikeReading(pot.summary.id);
	const key = useWriteKey();
	const strike = (entry: LogEntry) => {
		if (entry.kind === "READING") {
			strikeReading.mutate(entry.id);
			return;
		}
		check.mutate(
			key.keyed({
				check: {
					act: "LOOKED" as const,
					signs: {},
					readings: {},
					standIns: [],
					note: "entered by mistake",
					corrects: entry.id,
					confirmed: [],
				},
			}),
			{ onSuccess: key.renew },
		);
	};
	const error = check.error ?? strikeReading.error;
	const changeable = pot.state === "WORKING" || pot.state === "HOLDING";
	return (
		<section aria-labelledby="log-title">
			<h2 id="log-title">Log</h2>
			{pot.log.length === 0 && <p className="soft">Nothing yet. Your first visit will stand here.</p>}
			<ul className="log">
				{pot.log.map((entry) => (
					<li key={entry.id}>
						<span className={entry.struck ? "struck" : undefined}>
							<b>{shortDayAndTime(entry.at, garden)}</b> {entry.correction ? "correction" : entry.act}
							{entry.words.length > 0 && `: ${entry.words.join(", ")}`}
						</span>
						{changeable && entry.strikable && (
							<span className="log-acts">
								{entry.kind === "VISIT" && (
									<Button
										variant="link"
										className="small"
										aria-label={`Correct the entry of ${shortDayAndTime(entry.at, garden)}`}
										onClick={() => onCorrect(entry)}
									>
										correct
									</Button>
								)}
								<Button
									variant="link"
									className="small"
									aria-label={`Strike the entry of ${shortDayAndTime(entry.at, garden)}`}
									onClick={() => strike(entry)}
								>
									strike
								</Button>
							</span>
						)}
					</li>
				))}
			</ul>
			{error && <ProblemNote error={error} />}
		</section>
	);
}
