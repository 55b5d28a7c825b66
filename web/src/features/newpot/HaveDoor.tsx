import { useState } from "react";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import { problemAt } from "../../api/problem";
import type { Possible } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { WorkingMark } from "../../shared/WorkingMark";
import { useGarden } from "../garden";
import { recipeAddress } from "./draft";
import { usePantry } from "./queries";

const EXAMPLE = "3 kg nettles, 12 eggshells, 1 L vinegar, two 20 L buckets";

/** A list of things in hand, and everything they can become. */
export function HaveDoor() {
	const [list, setList] = useState("");
	const units = useGarden().data?.units;
	const pantry = usePantry(useDebounced(list, 300), units);
	const shown = useLastGood(pantry.data);
	const problem = problemAt(pantry.error, "list");
	return (
		<section aria-label="What is in hand">
			<Form.Group controlId="have-list" className="have">
				<Form.Label>What do you have?</Form.Label>
				<Form.Control
					as="textarea"
					rows={2}
					value={list}
					placeholder={EXAMPLE}
					isInvalid={problem !== undefined}
					aria-describedby="have-problem have-hint"
					onChange={(event) => setList(event.target.value)}
				/>
				<Form.Control.Feedback type="invalid" id="have-problem" role="alert">
					{problem}
				</Form.Control.Feedback>
				<Form.Text id="have-hint">
					Amounts and names, divided by commas. Vessels count too. For instance: {EXAMPLE}.
				</Form.Text>
			</Form.Group>
			{pantry.error && !problem && <ProblemNote error={pantry.error} />}
			{shown && (
				<>
					<p className="have-read" role="status">
						{shown.read.length > 0 && <>Understood: {shown.read.join(" · ")}. </>}
						{shown.unread.length > 0 && <b>Not understood: {shown.unread.join(" · ")}.</b>}
					</p>
					<Possibles title="You can make now" all={shown.possible.filter((one) => one.now)} />
					<Possibles title="Something is missing" all={shown.possible.filter((one) => !one.now)} />
					{shown.possible.length === 0 && (
						<p className="soft">Nothing in the book is made of these. Add what else there is, leaves or sugar.</p>
					)}
				</>
			)}
		</section>
	);
}

function Possibles({ title, all }: { readonly title: string; readonly all: readonly Possible[] }) {
	if (all.length === 0) {
		return null;
	}
	return (
		<section aria-label={title}>
			<h2 className="mt-3">{title}</h2>
			<ul className="possibles">
				{all.map((one) => (
					<li key={one.methodId} className={one.now ? "possible" : "possible missing"}>
						<b>
							{one.title}, {one.school.toLowerCase()}
						</b>
						<span>
							{one.makes} from {one.batch}. {one.limit}{" "}
							<WorkingMark of={`How far it goes: ${one.title}, ${one.school}`} working={one.working} />
						</span>
						{one.feeds && (
							<span className="soft">
								{one.feed} of feed: {one.feeds} once
								{one.vessel && ` · in a ${one.vessel}`}
							</span>
						)}
						{one.missing.length > 0 && <span className="lack">Missing: {one.missing.join(", ")}</span>}
						<Link className="btn btn-outline" to={recipeAddress(one.methodId, one.inHand, one.materials, one.holds)}>
							{one.now ? "Start this pot" : "See the recipe"}
						</Link>
					</li>
				))}
			</ul>
		</section>
	);
}
