import Form from "react-bootstrap/Form";

type Props = {
	readonly id: string;
	readonly label: string;
	readonly value: string;
	readonly problem?: string;
	readonly onChange: (day: string) => void;
};

/** A day to be chosen, with what is wrong with it beside it. */
export function DayField({ id, label, value, problem, onChange }: Props) {
	return (
		<Form.Group controlId={id}>
			<Form.Label>{label}</Form.Label>
			<Form.Control
				type="date"
				value={value}
				isInvalid={problem !== undefined}
				aria-describedby={`${id}-problem`}
				onChange={(event) => onChange(event.target.value)}
			/>
			<Form.Control.Feedback type="invalid" id={`${id}-problem`} role="alert">
				{problem}
			</Form.Control.Feedback>
		</Form.Group>
	);
}
