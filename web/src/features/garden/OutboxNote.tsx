import Button from "react-bootstrap/Button";
import { drop, useOutbox } from "../../outbox";

/** Visits that are kept here because nothing answered, and those that the server wouldn't take. */
export function OutboxNote() {
	const { entries, send } = useOutbox();
	if (entries.length === 0) {
		return null;
	}
	const lost = entries.filter((entry) => entry.refused === undefined);
	return (
		<div className="outbox" role="status">
			{lost.length > 0 && (
				<div className="note warn">
					<b>Kept here</b>
					<span>
						{lost.length === 1 ? "One visit waits" : `${lost.length} visits wait`} for a connection:{" "}
						{lost.map((entry) => entry.potName).join(", ")}. Nothing is lost; it is sent by itself.
						<br />
						<Button variant="outline" onClick={send}>
							Try now
						</Button>
					</span>
				</div>
			)}
			{entries
				.filter((entry) => entry.refused !== undefined)
				.map((entry) => (
					<div key={entry.key} className="note refuse">
						<b>{entry.potName}</b>
						<span>
							A visit kept here wasn't taken: {entry.refused}
							<br />
							<Button variant="outline" onClick={() => drop(entry.key)}>
								Let it go
							</Button>
						</span>
					</div>
				))}
		</div>
	);
}
