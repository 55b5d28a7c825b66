import Form from "react-bootstrap/Form";
import { ReadAs } from "./ReadAs";

type Props = {
	readonly id: string;
	readonly label: string;
	readonly value: string;
	readonly problem?: string;
	/** What could be meant by it: a tap takes one. */
	readonly readings?: readonly string[];
	readonly hint?: string;
	/** How it was read. */
	readonly read?: string;
	readonly onChange: (text: string) => void;
};

/** A field to type into, with what is wrong beside it. */
export function TextField({ id, label, value, problem, readings, hint, read, onChange }: Props) {
	return (
		<Form.Group controlId={id}>
			<Form.Label>{label}</Form.Label>
			<Form.Control
				value={value}
				autoComplete="off"
				isInvalid={problem !== undefined}
				aria-invalid={problem !== undefined}
				aria-describedby={hint ? `${id}-problem ${id}-hint` : `${id}-problem`}
				onChange={(event) => onChange(event.target.value)}
			/>
			<Form.Control.Feedback type="invalid" id={`${id}-problem`} role="alert">
				{problem}
			</Form.Control.Feedback>
			<Readings readings={readings} onTake={onChange} />
			{problem === undefined && <ReadAs typed={value} read={read} />}
			{hint && <Form.Text id={`${id}-hint`}>{hint}</Form.Text>}
		</Form.Group>
	);
}

type ReadingsProps = {
	readonly readings?: readonly string[];
	readonly words?: string;
	readonly onTake: (reading: string) => void;
};

/** What an unclear entry could mean, each a button: it is asked, never guessed. */
export function Readings({ readings, words = "Which do you mean?", onTake }: ReadingsProps) {
	if (!readings || readings.length === 0) {
		return null;
	}
	return (
		<fieldset className="readings">
			<legend className="small soft mb-1">{words}</legend>
			{readings.map((reading) => (
				<button key={reading} type="button" className="option" onClick={() => onTake(reading)}>
					{reading}
				</button>
			))}
		</fieldset>
	);
}
