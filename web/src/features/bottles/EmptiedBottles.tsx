import { useState } from "react";
import Button from "react-bootstrap/Button";
import type { Bottle } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { WorkingMark } from "../../shared/WorkingMark";
import { Measure } from "./BottleActs";
import { useEmptiedBottles } from "./queries";

/** What was in store and is used up, the last emptied on top, a page at a time. */
export function EmptiedBottles() {
	const [wanted, setWanted] = useState(false);
	const emptied = useEmptiedBottles(wanted);
	const all = emptied.data?.pages.flat() ?? [];
	return (
		<section className="emptied">
			<Button variant="link" aria-expanded={wanted} onClick={() => setWanted(!wanted)}>
				{wanted ? "Without emptied bottles" : "Emptied bottles"}
			</Button>
			{wanted && emptied.data && all.length === 0 && <p className="soft">None is empty yet.</p>}
			<ul className="bottle-list">{wanted && all.map((bottle) => <EmptiedLine key={bottle.id} bottle={bottle} />)}</ul>
			{wanted && emptied.hasNextPage && (
				<Button variant="outline" disabled={emptied.isFetchingNextPage} onClick={() => emptied.fetchNextPage()}>
					Earlier ones
				</Button>
			)}
			{wanted && emptied.error && <ProblemNote error={emptied.error} />}
		</section>
	);
}

function EmptiedLine({ bottle }: { readonly bottle: Bottle }) {
	const [measuring, setMeasuring] = useState(false);
	return (
		<li className="bottle-line emptied-line">
			<p className="bottle-words mb-0">
				<Tag code={bottle.code} /> {bottle.name}{" "}
				<WorkingMark of={`What is left in ${bottle.code}`} working={bottle.levelWorking} words="ledger" />
			</p>
			<div className="bottle-acts">
				{measuring ? (
					<Measure bottle={bottle} onDone={() => setMeasuring(false)} />
				) : (
					<Button variant="link" onClick={() => setMeasuring(true)}>
						not empty after all …
					</Button>
				)}
			</div>
		</li>
	);
}
