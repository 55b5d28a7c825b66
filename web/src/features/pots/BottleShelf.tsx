import { Link } from "react-router";
import type { Bottle } from "../../api/types";
import { BottleDrawing } from "../../drawings/BottleDrawing";

/** Bottles in store, the one to use first on the left. */
export function BottleShelf({ bottles }: { readonly bottles: readonly Bottle[] }) {
	const full = bottles.filter((bottle) => bottle.freshness !== "EMPTY");
	return (
		<section aria-labelledby="shelf-title" className="mt-3">
			<h2 id="shelf-title">
				<Link className="in-line" to="/bottles">
					Bottles in store
				</Link>
			</h2>
			{full.length === 0 ? (
				<p className="soft">No bottle yet. Straining a ready pot puts one here, with its level and its last day.</p>
			) : (
				<div className="shelf">
					{full.map((bottle) => (
						<Link key={bottle.id} className="bottle" to={`/mix?bottle=${bottle.id}`} title={bottle.labelLine}>
							<BottleDrawing share={bottle.levelShare} colour={bottle.colour} past={bottle.freshness === "PAST"} />
							<div>
								<b>
									{bottle.code} {bottle.name}
								</b>
								<small>
									{bottle.level} · {bottle.keptWords}
									{bottle.soilOnly && " · soil only"}
								</small>
								<small className={bottle.freshness === "FRESH" ? undefined : "soon"}>{bottle.useByWords}</small>
							</div>
						</Link>
					))}
				</div>
			)}
		</section>
	);
}
