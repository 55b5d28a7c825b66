import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import type { Draft } from "../../api/types";
import { FindingNote } from "../../shared/FindingNote";
import { ProblemNote } from "../../shared/ProblemNote";

type Props = {
	readonly shown: Draft;
	/** What is wrong and no field says. */
	readonly error: Error | null;
	/** Whether nothing can be kept now. */
	readonly held: boolean;
};

/** What the book says to it, and the method as an open file. */
export function OwnFindings({ shown, error, held }: Props) {
	return (
		<section className="side" aria-label="What is odd about it">
			<h2>What the book says to it</h2>
			{shown.findings.length === 0 && <p className="soft">Nothing odd: it lies within what the book knows.</p>}
			{shown.findings.map((finding) => (
				<FindingNote key={finding.rule + finding.words} finding={finding} />
			))}
			{error && <ProblemNote error={error} />}
			<div className="actions">
				<Button
					type="submit"
					variant="primary"
					className="grow"
					disabled={held || shown.findings.some((finding) => finding.severity === "REFUSE")}
				>
					Keep it in the book
				</Button>
			</div>
			<details className="mt-3">
				<summary>As an open file</summary>
				<Form.Control
					as="textarea"
					readOnly
					rows={16}
					className="file-text"
					aria-label="The method as YAML"
					value={shown.yaml}
				/>
			</details>
		</section>
	);
}
