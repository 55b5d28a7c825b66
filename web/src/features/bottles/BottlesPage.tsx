import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { ProblemNote } from "../../shared/ProblemNote";
import { ArriveBottleForm } from "./ArriveBottleForm";
import { BottleLine } from "./BottleLine";
import { EmptiedBottles } from "./EmptiedBottles";
import { bottlesQuery } from "./queries";

/** Finished brews on their shelf, the one to use first on top; what has turned asks for a decision. */
export function BottlesPage() {
	const bottles = useQuery(bottlesQuery);
	if (bottles.isPending) {
		return <p className="pots">Dusting the shelf …</p>;
	}
	if (!bottles.data) {
		return (
			<div className="pots">
				<ProblemNote error={bottles.error} />
			</div>
		);
	}
	const full = bottles.data;
	const past = full.filter((bottle) => bottle.freshness === "PAST");
	const good = full.filter((bottle) => bottle.freshness !== "PAST");
	return (
		<div className="pots">
			<h1>Bottles in store</h1>
			<p className="soft">
				Oldest usable first.{" "}
				<Link className="in-line" to="/labels">
					Labels to print
				</Link>
			</p>
			{full.length === 0 && (
				<div className="empty">
					<h2>No bottle yet</h2>
					<p>
						Straining a ready pot puts one here, with its level, its place and its last day. What you have already comes
						in below.
					</p>
				</div>
			)}
			{past.length > 0 && (
				<>
					<h2>Past their day: look, smell, decide</h2>
					<ul className="bottle-list">
						{past.map((bottle) => (
							<BottleLine key={bottle.id} bottle={bottle} />
						))}
					</ul>
				</>
			)}
			<ul className="bottle-list">
				{good.map((bottle) => (
					<BottleLine key={bottle.id} bottle={bottle} />
				))}
			</ul>
			<ArriveBottleForm />
			<EmptiedBottles />
		</div>
	);
}
