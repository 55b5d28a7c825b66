import Form from "react-bootstrap/Form";
import type { Trouble } from "../../api/problem";
import type { Instrument } from "../../api/types";
import { TextField } from "../../shared/TextField";

type Entry = Instrument["entries"][number];

type Props = {
	readonly entry: Entry;
	readonly value: string;
	readonly problem?: Trouble;
	readonly read?: string;
	readonly onChange: (value: string) => void;
};

/** An entry that is typed, chosen, or turned with a slider and typed. */
export function EntryField({ entry, value, problem, read, onChange }: Props) {
	const id = `entry-${entry.id}`;
	if (entry.choices.length > 0) {
		return (
			<Form.Group controlId={id}>
				<Form.Label>{entry.label}</Form.Label>
				<Form.Select value={value} onChange={(event) => onChange(event.target.value)}>
					{entry.choices.map((choice) => (
						<option key={choice.id} value={choice.id}>
							{choice.words}
						</option>
					))}
				</Form.Select>
			</Form.Group>
		);
	}
	if (!entry.turn) {
		return (
			<TextField
				id={id}
				label={entry.label}
				value={value}
				problem={problem}
				read={read}
				hint={entry.hint || undefined}
				onChange={onChange}
			/>
		);
	}
	const knob = entry.turn;
	return (
		<div className="knob">
			<TextField
				id={id}
				label={knob.unit ? `${entry.label}, ${knob.unit}` : entry.label}
				value={value}
				problem={problem}
				onChange={onChange}
			/>
			<Form.Range
				aria-label={`Turn: ${entry.label}`}
				min={knob.least}
				max={knob.most}
				step={knob.step}
				value={Number.isFinite(Number(value)) ? Number(value) : knob.least}
				onChange={(event) => onChange(event.target.value)}
			/>
		</div>
	);
}
