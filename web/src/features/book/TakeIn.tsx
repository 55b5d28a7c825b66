import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import { problemAt } from "../../api/problem";
import { ProblemNote } from "../../shared/ProblemNote";
import { useTakeIn } from "./queries";

/** A method from a file: YAML, or a schema.org HowTo that carries it. */
export function TakeIn() {
	const [text, setText] = useState("");
	const takeIn = useTakeIn();
	const problem = problemAt(takeIn.error, "text");
	return (
		<Form
			noValidate
			className="take-in"
			aria-label="Take in a method"
			onSubmit={(event) => {
				event.preventDefault();
				takeIn.mutate(text);
			}}
		>
			<Form.Group controlId="method-file" className="mb-2">
				<Form.Label>A file (.yaml or .jsonld)</Form.Label>
				<Form.Control
					type="file"
					accept=".yaml,.yml,.jsonld,.json"
					onChange={async (event) => {
						const file = (event.target as HTMLInputElement).files?.[0];
						setText(file ? await file.text() : "");
					}}
				/>
			</Form.Group>
			<Form.Group controlId="method-text" className="mb-2">
				<Form.Label>… or its text</Form.Label>
				<Form.Control
					as="textarea"
					rows={6}
					className="file-text"
					value={text}
					isInvalid={problem !== undefined}
					aria-describedby="method-text-problem"
					onChange={(event) => setText(event.target.value)}
				/>
				<Form.Control.Feedback type="invalid" id="method-text-problem" role="alert">
					{problem}
				</Form.Control.Feedback>
			</Form.Group>
			<p className="small soft">
				The format is documented by its{" "}
				<a className="in-line" href="/api/book/method.schema.json">
					JSON Schema
				</a>
				. Begin from any method of the book: “As a file” on its page.
			</p>
			<Button type="submit" variant="primary" disabled={takeIn.isPending || text.trim() === ""}>
				Import
			</Button>
			{takeIn.error && !problem && <ProblemNote error={takeIn.error} />}
			{takeIn.data && (
				<p className="note" role="status">
					<b>Taken in</b>
					<Link className="in-line" to={`/book/methods/${takeIn.data.id}`}>
						{takeIn.data.title}: {takeIn.data.school}
					</Link>
				</p>
			)}
		</Form>
	);
}
