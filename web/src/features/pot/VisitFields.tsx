import { troubleAt } from "../../api/problem";
import type { Pot } from "../../api/types";
import { TextField } from "../../shared/TextField";
import type { Visit } from "./visit";

type Props = {
	readonly pot: Pot;
	readonly visit: Visit;
	/** Whether a note, and another time than now, are asked for. */
	readonly noting: boolean;
	readonly error: unknown;
	readonly onChange: (part: Partial<Visit>) => void;
};

/** What is typed about a visit besides its readings: what drained off, what was replaced, when it was, and a note. */
export function VisitFields({ pot, visit, noting, error, onChange }: Props) {
	return (
		<>
			{pot.drains && (
				<TextField
					id="drained"
					as="SMALL_VOLUME"
					label={`What drained off: ${pot.drains.name}`}
					value={visit.drained}
					problem={troubleAt(error, "drained")}
					hint={`goes into a can or a bottle of its own: ${pot.drains.strength} on soil, ${pot.drains.keeps}; empty for down the drain`}
					onChange={(drained) => onChange({ drained })}
				/>
			)}
			{pot.toppedUp && (
				<TextField
					id="replaced"
					label="Topped up: how much did you replace? (%)"
					value={visit.replaced}
					problem={troubleAt(error, "replaced")}
					hint="only when you top up: it makes what is in it younger"
					onChange={(replaced) => onChange({ replaced })}
				/>
			)}
			{noting && (
				<>
					<TextField
						id="visit-when"
						as="PAST"
						label="When, if not now"
						value={visit.when}
						problem={troubleAt(error, "when")}
						hint="such as “yesterday at 8”"
						onChange={(when) => onChange({ when })}
					/>
					<TextField
						id="note"
						label="Note"
						value={visit.note}
						problem={troubleAt(error, "note")}
						onChange={(note) => onChange({ note })}
					/>
				</>
			)}
		</>
	);
}
