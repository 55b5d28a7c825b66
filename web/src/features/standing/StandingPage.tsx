import { useState } from "react";
import { Link } from "react-router";
import type { Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { ArrivalForm } from "./ArrivalForm";
import { useArrivalChoices } from "./queries";

/** The garden that already runs: a line for each bucket that stands, its code written on it from here on. */
export function StandingPage() {
	const choices = useArrivalChoices();
	const [arrived, setArrived] = useState<readonly Pot[]>([]);
	if (choices.isPending) {
		return <p className="pots">Looking behind the shed …</p>;
	}
	if (!choices.data) {
		return (
			<div className="pots">
				<ProblemNote error={choices.error} />
			</div>
		);
	}
	return (
		<div className="pots">
			<h1>What stands here already?</h1>
			<p className="soft">
				A line for each bucket, jar and bin. What nobody knows may stay unknown: every later answer is then as careful
				as it must be. Bottles come in on{" "}
				<Link className="in-line" to="/bottles">
					their shelf
				</Link>
				; feeds, looks and waterings of earlier days as{" "}
				<Link className="in-line" to="/garden/notebook">
					a notebook
				</Link>
				.
			</p>
			<ArrivalForm choices={choices.data} onArrived={(pot) => setArrived((before) => [pot, ...before])} />
			<ul className="arrived" aria-label="Came in just now">
				{arrived.map((pot, index) => (
					<li key={pot.summary.id} className={index === 0 ? "note" : "note quiet"}>
						<Tag code={pot.summary.code} />
						<span>
							Write <b>{pot.summary.code}</b> on body and lid of{" "}
							<Link to={`/pots/${pot.summary.id}`}>{pot.summary.name.toLowerCase()}</Link>. {pot.verdict.headline}.{" "}
							{pot.decisions.join(" ")}
						</span>
					</li>
				))}
			</ul>
		</div>
	);
}
