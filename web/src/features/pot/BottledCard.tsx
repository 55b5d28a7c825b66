import { Link } from "react-router";
import type { Bottle, Caution } from "../../api/types";
import { Cautions } from "../../shared/FindingNote";
import { WorkingMark } from "../../shared/WorkingMark";

type Props = { readonly bottles: readonly Bottle[]; readonly cautions: readonly Caution[] };

/** The bottles just filled, with the lines for their labels. */
export function BottledCard({ bottles, cautions }: Props) {
	return (
		<section className="mt-3" aria-label={bottles.length === 1 ? "The new bottle" : "The new bottles"}>
			{bottles.map((bottle) => (
				<div key={bottle.id} className="mb-2">
					<h2>
						Bottled as {bottle.code}: {bottle.level}, {bottle.useByWords}{" "}
						<WorkingMark of={`How long ${bottle.code} keeps`} working={bottle.useByWorking} />
					</h2>
					{bottle.sugar && (
						<p className="mb-1">
							<b>Sugar:</b> {bottle.sugar.words}{" "}
							<WorkingMark of={`Sugar for ${bottle.code}`} working={bottle.sugar.working} />
						</p>
					)}
					<p className="soft mb-1">Write this on the label, or print it:</p>
					<p className="label-line">{bottle.labelLine}</p>
					{bottle.poured && (
						<Link className="btn btn-primary" to={`/mix?bottle=${bottle.id}`}>
							Mix from {bottle.code}
						</Link>
					)}{" "}
					<Link className="btn btn-outline" to="/labels">
						Labels to print
					</Link>
				</div>
			))}
			<Cautions cautions={cautions} />
		</section>
	);
}
