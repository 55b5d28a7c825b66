import Modal from "react-bootstrap/Modal";
import { VIEWS } from "./views";

type Props = { readonly show: boolean; readonly onHide: () => void };

/** What the keys do. */
export function ShortcutsList({ show, onHide }: Props) {
	return (
		<Modal show={show} onHide={onHide} centered aria-labelledby="keys-title">
			<Modal.Header closeButton closeLabel="Close the list of keys">
				<h2 id="keys-title">Keys</h2>
			</Modal.Header>
			<Modal.Body>
				<ul>
					{VIEWS.map((view) => (
						<li key={view.key}>
							<kbd>{view.key}</kbd> opens {view.name}
						</li>
					))}
					<li>
						<kbd>N</kbd> begins a new pot
					</li>
					<li>
						<kbd>/</kbd> finds what a code holds
					</li>
					<li>
						<kbd>↑</kbd> <kbd>↓</kbd> on the round: the stop before, the next; <kbd>Enter</kbd> logs and goes on
					</li>
					<li>
						<kbd>←</kbd> <kbd>→</kbd> on the dial: weaker, stronger; in a row of choices: the next one
					</li>
					<li>
						<kbd>?</kbd> shows this list
					</li>
				</ul>
			</Modal.Body>
		</Modal>
	);
}
