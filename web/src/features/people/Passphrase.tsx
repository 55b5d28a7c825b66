import Form from "react-bootstrap/Form";
import type { Trouble } from "../../api/problem";

type Props = {
	readonly id: string;
	readonly label: string;
	readonly value: string;
	/** Whether one is set anew: then the browser offers to keep it. */
	readonly fresh?: boolean;
	readonly hint?: string;
	readonly problem?: Trouble;
	readonly onChange: (text: string) => void;
};

/** A passphrase to type: unseen, and known to the browser's own keeper of passphrases. */
export function Passphrase({ id, label, value, fresh = false, hint, problem, onChange }: Props) {
	return (
		<Form.Group controlId={id}>
			<Form.Label>{label}</Form.Label>
			<Form.Control
				type="password"
				value={value}
				autoComplete={fresh ? "new-password" : "current-password"}
				isInvalid={problem !== undefined}
				aria-invalid={problem !== undefined}
				aria-describedby={`${id}-problem ${id}-hint`}
				onChange={(event) => onChange(event.target.value)}
			/>
			<Form.Control.Feedback type="invalid" id={`${id}-problem`} role="alert">
				{problem?.words}
			</Form.Control.Feedback>
			{hint && <Form.Text id={`${id}-hint`}>{hint}</Form.Text>}
		</Form.Group>
	);
}
