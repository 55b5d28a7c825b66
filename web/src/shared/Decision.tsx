import Form from "react-bootstrap/Form";
import type { Finding } from "../api/types";

type Props = {
	readonly findings: readonly Finding[];
	readonly taken: boolean;
	readonly onTake: (taken: boolean) => void;
};

/** The rules that advise against it; passing over them is the gardener's decision and is noted. */
export function unwise(findings: readonly Finding[]): readonly Finding[] {
	return findings.filter((finding) => finding.severity === "CONFIRM");
}

/** One tick for everything that is unwise. Nothing is shown where nothing is. */
export function Decision({ findings, taken, onTake }: Props) {
	if (unwise(findings).length === 0) {
		return null;
	}
	return (
		<Form.Check
			id="decision"
			className="decision"
			checked={taken}
			onChange={(event) => onTake(event.target.checked)}
			label="I have read why it is unwise, and do it all the same. That is noted."
		/>
	);
}
