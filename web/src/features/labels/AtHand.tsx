import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { Tag } from "../../shared/Tag";
import { bottlesQuery } from "../bottles";
import { potsQuery } from "../pots";

/** What stood or was kept under a code when this device last had a connection: enough to find the bucket by. */
export function AtHand({ code }: { readonly code: string }) {
	const pots = (useQuery(potsQuery).data ?? []).filter((pot) => pot.code === code);
	const bottles = (useQuery(bottlesQuery).data ?? []).filter((bottle) => bottle.code === code);
	if (pots.length + bottles.length === 0) {
		return null;
	}
	return (
		<section aria-label={code} className="mt-3">
			<h2>
				<Tag code={code} /> as it was
			</h2>
			<ul className="card-lines">
				{pots.map((pot) => (
					<li key={pot.id}>
						<Link to={`/pots/${pot.id}`}>{pot.name}</Link>
					</li>
				))}
				{bottles.map((bottle) => (
					<li key={bottle.id}>
						{bottle.name} <small className="soft">{bottle.level} left</small>
						<p className="label-line">{bottle.labelLine}</p>
					</li>
				))}
			</ul>
		</section>
	);
}
