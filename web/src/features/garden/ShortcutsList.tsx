import { useState } from "react";
import Form from "react-bootstrap/Form";
import Modal from "react-bootstrap/Modal";
import { Link } from "react-router";
import { keysAct, letKeysAct } from "../../shared/singleKeys";
import { useViews } from "./useViews";

type Props = { readonly show: boolean; readonly onHide: () => void };

/** What the keys do. */
export default function ShortcutsList({ show, onHide }: Props) {
	const [act, setAct] = useState(keysAct);
	const views = useViews();
	return (
		<Modal show={show} onHide={onHide} centered aria-labelledby="keys-title">
			<Modal.Header closeButton closeLabel="Close the list of keys">
				<h2 id="keys-title">Keys</h2>
			</Modal.Header>
			<Modal.Body>
				<p>
					<Link className="in-line" to="/guide" onClick={onHide}>
						The guide
					</Link>{" "}
					tells how to begin, in short pages.{" "}
					<Link className="in-line" to="/licences" onClick={onHide}>
						What others made
					</Link>{" "}
					names fonts and libraries.
				</p>
				<ul>
					{views.map((view) => (
						<li key={view.key}>
							<kbd>{view.key}</kbd> opens {view.name}
						</li>
					))}
					<li>
						<kbd>N</kbd> begins a new pot
					</li>
					<li>
						<kbd>/</kbd> looks for a code or a name
					</li>
					<li>
						<kbd>↑</kbd> <kbd>↓</kbd> on the round: the stop before, the next; <kbd>Space</kbd> chooses in the pad;{" "}
						<kbd>Enter</kbd> logs and goes on
					</li>
					<li>
						<kbd>←</kbd> <kbd>→</kbd> on the dial: weaker, stronger; <kbd>Page up</kbd> <kbd>Page down</kbd> by more,{" "}
						<kbd>Home</kbd> <kbd>End</kbd> to the ends of what is safe; in a row of choices: the next one
					</li>
					<li>
						<kbd>?</kbd> shows this list
					</li>
				</ul>
				<Form.Check
					type="switch"
					id="keys-act"
					label="Single keys act"
					checked={act}
					onChange={(event) => {
						letKeysAct(event.target.checked);
						setAct(event.target.checked);
					}}
				/>
			</Modal.Body>
		</Modal>
	);
}
