import Form from "react-bootstrap/Form";
import type { Trouble } from "../api/problem";
import type { TypedKind } from "../api/types";
import { Asked } from "./Asked";
import { ReadAs } from "./ReadAs";
import { TypedAs } from "./TypedAs";

type Props = {
	readonly id: string;
	readonly label: string;
	readonly value: string;
	/** What is wrong with it; with what it could mean, where the server knows. */
	readonly problem?: string | Trouble;
	readonly hint?: string;
	/** How it was read. */
	readonly read?: string;
	/** What it is read as while it is typed, where nothing else says how it was read. */
	readonly as?: TypedKind;
	/** What may be typed, offered as soon as some of it is. */
	readonly known?: readonly string[];
	readonly onChange: (text: string) => void;
};

/** A field to type into, with how it is understood and what is wrong beside it. */
export function TextField({ id, label, value, problem, hint, read, as, known, onChange }: Props) {
	const trouble = typeof problem === "string" ? { words: problem } : problem;
	return (
		<Form.Group controlId={id}>
			<Form.Label>{label}</Form.Label>
			<Form.Control
				value={value}
				autoComplete="off"
				list={known && `${id}-known`}
				isInvalid={trouble !== undefined}
				aria-invalid={trouble !== undefined}
				aria-describedby={hint ? `${id}-problem ${id}-hint` : `${id}-problem`}
				onChange={(event) => onChange(event.target.value)}
			/>
			{known && (
				<datalist id={`${id}-known`}>
					{known.map((one) => (
						<option key={one} value={one} />
					))}
				</datalist>
			)}
			<Form.Control.Feedback type="invalid" id={`${id}-problem`} role="alert">
				{trouble?.words}
			</Form.Control.Feedback>
			<Asked trouble={trouble} onTake={onChange} />
			{!trouble && <ReadAs typed={value} read={read} />}
			{!trouble && as && <TypedAs as={as} typed={value} onTake={onChange} />}
			{hint && <Form.Text id={`${id}-hint`}>{hint}</Form.Text>}
		</Form.Group>
	);
}
