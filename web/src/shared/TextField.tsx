import Form from "react-bootstrap/Form";

type Props = {
	readonly id: string;
	readonly label: string;
	readonly value: string;
	readonly problem?: string;
	readonly hint?: string;
	readonly onChange: (text: string) => void;
};

/** A field to type into, with what is wrong beside it. */
export function TextField({ id, label, value, problem, hint, onChange }: Props) {
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
			{hint && <Form.Text id={`${id}-hint`}>{hint}</Form.Text>}
		</Form.Group>
	);
}
