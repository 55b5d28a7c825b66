import { lazy, memo, Suspense } from "react";
import type { BenchAnswer } from "../../api/types";

const Drawn = lazy(() => import("./BenchChartDrawn"));

export type Chart = NonNullable<BenchAnswer["chart"]>;

const ROWS = 9;

/** Curves around the answer, and the same numbers as a table; drawn anew only for other curves, not for every key that is typed. */
export const BenchChart = memo(function BenchChart({ chart }: { readonly chart: Chart }) {
	const first = chart.lines[0]?.points ?? [];
	const step = Math.max(1, Math.floor(first.length / (ROWS - 1)));
	const rows = first.filter((_, index) => index % step === 0);
	return (
		<figure className="bench-chart">
			<figcaption>{chart.title}</figcaption>
			<div>
				<Suspense fallback={<div className="chart-wait" />}>
					<Drawn chart={chart} />
				</Suspense>
			</div>
			<details>
				<summary>The same as a table</summary>
				<table>
					<thead>
						<tr>
							<th scope="col">{chart.x}</th>
							{chart.lines.map((line) => (
								<th key={line.name} scope="col">
									{line.name}, {chart.y}
								</th>
							))}
						</tr>
					</thead>
					<tbody>
						{rows.map((point) => (
							<tr key={point.x}>
								<th scope="row">{rounded(point.x)}</th>
								{chart.lines.map((line) => (
									<td key={line.name}>{rounded(line.points[first.indexOf(point)]?.y ?? 0)}</td>
								))}
							</tr>
						))}
					</tbody>
				</table>
				{chart.limits.length > 0 && (
					<p className="small soft">{chart.limits.map((limit) => `${limit.name}: ${rounded(limit.y)}`).join(" · ")}</p>
				)}
			</details>
		</figure>
	);
});

function rounded(value: number): string {
	return Number(value.toPrecision(3)).toString();
}
