import { Link } from "react-router";
import type { Bottle, Caution } from "../../api/types";
import { Cautions } from "../../shared/FindingNote";
import { WorkingMark } from "../../shared/WorkingMark";

type Props = { readonly bottle: Bottle; readonly cautions: readonly Caution[] };

/** The bottle just filled, with the line for its label. */
export function BottledCard({ bottle, cautions }: Props) {
	return (
		<section className="mt-3" aria-label="The new bottle">
			<h2>
				Bottled as {bottle.code}: {bottle.level}, {bottle.useByWords}{" "}
				<WorkingMark of={`How long ${bottle.code} keeps`} working={bottle.useByWorking} />
			</h2>
			<p className="soft mb-1">Write this on the label:</p>
			<p className="label-line">{bottle.labelLine}</p>
			<Link className="btn btn-primary" to={`/mix?bottle=${bottle.id}`}>
				Mix from {bottle.code}
			</Link>
			<Cautions cautions={cautions} />
		</section>
	);
}
