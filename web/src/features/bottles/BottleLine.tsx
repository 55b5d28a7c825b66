import type { Bottle } from "../../api/types";
import { BottleDrawing } from "../../drawings/BottleDrawing";
import { Tag } from "../../shared/Tag";
import { WorkingMark } from "../../shared/WorkingMark";
import { BottleActs } from "./BottleActs";

/** A bottle on its shelf: what is left, how long it keeps, and what can be done with it. */
export function BottleLine({ bottle }: { readonly bottle: Bottle }) {
	const past = bottle.freshness === "PAST";
	return (
		<li className="bottle-line">
			<BottleDrawing share={bottle.levelShare} colour={bottle.colour} past={past} />
			<div className="bottle-words">
				<h3>
					<Tag code={bottle.code} /> {bottle.name}
				</h3>
				<p className="mb-0">
					<b>{bottle.level}</b> <span className="soft">{bottle.also}</span>{" "}
					<WorkingMark of={`What is left in ${bottle.code}`} working={bottle.levelWorking} words="ledger" />
				</p>
				<p className="mb-0">
					<span className={bottle.freshness === "FRESH" ? undefined : "soon"}>{bottle.useByWords}</span>{" "}
					<WorkingMark of={`How long ${bottle.code} keeps`} working={bottle.useByWorking} />
				</p>
				<p className="mb-0 soft small">
					{bottle.keptWords}
					{bottle.place && ` · stands: ${bottle.place}`}
					{bottle.soilOnly && " · soil only"}
					{bottle.nothingEdible && " · only where nothing you eat grows"}
				</p>
				<p className="mb-0 soft small">{bottle.labelLine}</p>
			</div>
			<BottleActs bottle={bottle} past={past} />
		</li>
	);
}
