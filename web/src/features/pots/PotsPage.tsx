import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { bottlesQuery } from "../bottles";
import { useGarden } from "../garden";
import { useWeather } from "../places";
import { BottleShelf } from "./BottleShelf";
import { PotAxis } from "./PotAxis";
import { potsQuery, usePastPots } from "./queries";
import { SPANS, type Span } from "./span";

/** What is working, where, and when it is ready; and what stands in store. */
export function PotsPage() {
	const garden = useGarden();
	const pots = useQuery(potsQuery);
	const bottles = useQuery(bottlesQuery);
	const weather = useWeather();
	const [withPast, setWithPast] = useState(false);
	const [span, setSpan] = useState<Span>("weeks");
	const past = usePastPots(withPast);
	const frost = (weather.data?.days ?? []).filter((day) => day.low <= 0 && day.day >= (garden.data?.today ?? ""));
	const ended = withPast ? (past.data?.pages.flat() ?? []) : [];
	const showPast = (wanted: boolean) => {
		setWithPast(wanted);
		setSpan(wanted ? "all" : "weeks");
	};
	if (garden.isPending || pots.isPending || bottles.isPending) {
		return <p className="pots">Looking round …</p>;
	}
	const failure = garden.error ?? pots.error ?? bottles.error;
	if (!garden.data || !pots.data || !bottles.data) {
		return (
			<div className="pots">
				<ProblemNote error={failure} />
			</div>
		);
	}
	return (
		<div className="pots">
			<h1 className="visually-hidden">Pots</h1>
			{pots.data.length === 0 ? (
				<div className="empty">
					<h2>No pot is working yet</h2>
					<p>
						Here each pot will have its ribbon: how far it is, when it will be ready, and when you looked. A handful of
						leaves and as much sugar are enough to begin.
					</p>
					<div className="actions">
						<Link className="btn btn-primary" to="/pots/new">
							Set the first pot
						</Link>
						<Link className="btn btn-outline" to="/pots/standing">
							What stands here already?
						</Link>
					</div>
				</div>
			) : (
				<PotAxis pots={pots.data} past={ended} frost={frost.map((day) => day.day)} span={span} garden={garden.data} />
			)}
			<div className="actions axis-reach">
				<Options label="How far back" options={SPANS} value={span} onChange={setSpan} />
				<Button variant="link" aria-pressed={withPast} onClick={() => showPast(!withPast)}>
					{withPast ? "Without past pots" : "With past pots"}
				</Button>
				{withPast && past.hasNextPage && (
					<Button variant="outline" disabled={past.isFetchingNextPage} onClick={() => past.fetchNextPage()}>
						Earlier ones
					</Button>
				)}
				{withPast && past.error && <ProblemNote error={past.error} />}
			</div>
			<BottleShelf bottles={bottles.data} />
		</div>
	);
}
