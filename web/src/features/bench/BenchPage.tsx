import "./bench.css";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { ProblemNote } from "../../shared/ProblemNote";
import { InstrumentDrawing } from "./InstrumentDrawing";
import { benchQuery } from "./queries";

/** The sums behind the craft, each a small instrument. */
export function BenchPage() {
	const bench = useQuery(benchQuery);
	if (!bench.data) {
		return <div className="pots">{bench.error ? <ProblemNote error={bench.error} /> : "Clearing the bench …"}</div>;
	}
	return (
		<div className="pots">
			<h1>Bench</h1>
			<p className="soft">The sums behind the craft. Each works alone, shows its working, and says where it ends.</p>
			<ul className="plain-list bench">
				{bench.data.map((one) => (
					<li key={one.id}>
						<Link className="bench-card" to={`/bench/${one.id}`}>
							<InstrumentDrawing id={one.id} shown={one.shown} words={one.title} small />
							<span>
								<b className="display">{one.title}</b>
								<span className="soft">{one.asks}</span>
							</span>
						</Link>
					</li>
				))}
			</ul>
		</div>
	);
}
