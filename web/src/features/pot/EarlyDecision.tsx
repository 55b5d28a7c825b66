import Button from "react-bootstrap/Button";
import { problemFrom } from "../../api/problem";

type Props = { readonly error: unknown; readonly words: string; readonly onDecide: () => void };

/** Asked once: the server says why it is unwise, and the gardener decides. */
export function EarlyDecision({ error, words, onDecide }: Props) {
	if (!error || problemFrom(error).code !== "not-ready") {
		return null;
	}
	return (
		<div className="note warn" role="alert">
			<b>Early</b>
			<span>
				{problemFrom(error).detail}
				<br />
				<Button variant="outline" className="mt-2" onClick={onDecide}>
					{words}
				</Button>
			</span>
		</div>
	);
}
