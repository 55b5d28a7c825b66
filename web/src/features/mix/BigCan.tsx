import { useState } from "react";
import Button from "react-bootstrap/Button";
import Modal from "react-bootstrap/Modal";
import type { Load } from "../../api/types";
import { useAwake } from "../../shared/useAwake";

type Props = { readonly loads: readonly Load[]; readonly names: readonly string[]; readonly onClose: () => void };

/** One filling after the other, in numerals to be read at arm's length over a can; the screen stays awake. */
export function BigCan({ loads, names, onClose }: Props) {
	useAwake();
	const fillings = loads.flatMap((load) => Array.from({ length: load.count }, () => load));
	const [at, setAt] = useState(0);
	const load = fillings[at];
	if (load === undefined) {
		return null;
	}
	return (
		<Modal show fullscreen onHide={onClose} aria-labelledby="big-can-title">
			<Modal.Header closeButton>
				<h2 id="big-can-title" className="h3 mb-0" aria-live="polite">
					{fillings.length === 1 ? "The filling" : `Filling ${at + 1} of ${fillings.length}`}
				</h2>
			</Modal.Header>
			<Modal.Body className="big-can">
				{load.brews.map((brew, index) => (
					<p key={brew.name}>
						{brew.first && <small>{brew.first}</small>}
						<span className="display">{brew.text}</span>
						<b>{names[index] ?? brew.name}</b>
						{brew.onTool !== brew.text && (
							<small>
								{brew.onTool} by {brew.tool}
							</small>
						)}
					</p>
				))}
				<p>
					<span className="display">{load.water.text}</span>
					<b>water</b>
				</p>
			</Modal.Body>
			<Modal.Footer>
				{at > 0 && (
					<Button variant="outline" onClick={() => setAt(at - 1)}>
						The one before
					</Button>
				)}
				<Button
					variant="primary"
					className="grow"
					onClick={() => (at + 1 < fillings.length ? setAt(at + 1) : onClose())}
				>
					{at + 1 < fillings.length ? "Next filling" : "Done"}
				</Button>
			</Modal.Footer>
		</Modal>
	);
}
