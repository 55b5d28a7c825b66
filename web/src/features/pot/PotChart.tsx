import { lazy, Suspense } from "react";
import type { Garden, Pot } from "../../api/types";

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
			<ReadingsTable pot={pot} />
		</section>
	);
}

/** The same numbers for those who can't see the chart. */
function ReadingsTable({ pot }: { readonly pot: Pot }) {
	return (
		<div className="visually-hidden">
			<ul>
				{pot.chart.series.map((series) => (
					<li key={series.meter}>
						{series.words}: {series.points.map((point) => `${point.value} ${series.unit}`).join(", ")}
					</li>
				))}
			</ul>
		</div>
	);
}
