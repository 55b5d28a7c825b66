import { useState } from "react";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import type { Found } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { useDebounced } from "../../shared/useDebounced";
import { useFound } from "./queries";

const LEAST_LETTERS = 2;

/** One field for everything that has a name or a code. */
export function FindField() {
	const [typed, setTyped] = useState("");
	const words = useDebounced(typed.trim());
	const found = useFound(words.length < LEAST_LETTERS ? "" : words);
	const settled = words.length >= LEAST_LETTERS && !found.isPlaceholderData ? found.data : undefined;
	return (
		<section className="find" aria-label="Find">
			<Form.Group controlId="find">
				<Form.Label>Name or code</Form.Label>
				<Form.Control
					type="search"
					value={typed}
					autoComplete="off"
					autoFocus
					maxLength={60}
					placeholder="a pot, a bottle, a bed, a method, a crop"
					onChange={(event) => setTyped(event.target.value)}
				/>
			</Form.Group>
			{found.error && <ProblemNote error={found.error} />}
			<p className="visually-hidden" role="status">
				{settled && counted(settled.length)}
			</p>
			{settled?.length === 0 && <p className="soft mt-2">Nothing has “{words}” in its name or code.</p>}
			{found.data && found.data.length > 0 && (
				<ul className="more-list">
					{found.data.map((one) => (
						<li key={one.kind + one.id}>
							<Link to={placeOf(one)}>
								<span>
									{one.code && <Tag code={one.code} />} <b>{one.name}</b>
								</span>
								<small className="soft">{one.words}</small>
							</Link>
						</li>
					))}
				</ul>
			)}
		</section>
	);
}

function counted(many: number): string {
	return many === 1 ? "One thing found" : `${many} things found`;
}

function placeOf(one: Found): string {
	switch (one.kind) {
		case "POT":
			return `/pots/${one.id}`;
		case "BOTTLE":
			return `/codes/${one.code}`;
		case "PLANTING":
			return "/garden";
		case "METHOD":
			return `/book/methods/${one.id}`;
		case "CROP":
			return "/garden/crops";
	}
}
