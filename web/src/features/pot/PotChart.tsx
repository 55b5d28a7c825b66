import { lazy, Suspense } from "react";
import type { Garden, Pot } from "../../api/types";
import { shortDayAndTime, type Wall } from "../../shared/dates";

const Drawn = lazy(() => import("./PotChartDrawn"));

/** Readings against their limits. The chart library is fetched only where there is something to draw. */
export function PotChart({ pot, garden }: { readonly pot: Pot; readonly garden: Garden }) {
	if (pot.state === "WATER_STANDING" || pot.chart.warmth.length < 2) {
		return null;
	}
	return (
		<section aria-labelledby="chart-title" className="mt-3">
			<h2 id="chart-title">Readings</h2>
			<Suspense fallback={<p className="soft">Drawing …</p>}>
				<Drawn pot={pot} garden={garden} />
			</Suspense>
			<ReadingsTable pot={pot} wall={garden} />
		</section>
	);
}

/** The same numbers for those who can't see the chart. */
function ReadingsTable({ pot, wall }: { readonly pot: Pot; readonly wall: Wall }) {
	return (
		<div className="visually-hidden">
			{pot.chart.series.map((series) => (
				<table key={series.meter}>
					<caption>{series.words}</caption>
					<thead>
						<tr>
							<th scope="col">When</th>
							<th scope="col">{series.unit || "Reading"}</th>
						</tr>
					</thead>
					<tbody>
						{series.points.map((point) => (
							<tr key={point.at}>
								<th scope="row">{shortDayAndTime(point.at, wall)}</th>
								<td>{point.value}</td>
							</tr>
						))}
					</tbody>
				</table>
			))}
		</div>
	);
}
