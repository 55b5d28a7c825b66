import { useState } from "react";
import { CartesianGrid, ComposedChart, Line, ReferenceLine, Scatter, XAxis, YAxis } from "recharts";
import type { Garden, Pot } from "../../api/types";
import { dayOf, millis } from "../../shared/dates";
import { Options } from "../../shared/Options";
import { useWidth } from "../../shared/useWidth";

type Series = Pot["chart"]["series"][number];
type Meter = Series["meter"];
type Props = { readonly pot: Pot; readonly garden: Garden };

const HEIGHT = 190;
const ROOM = 0.08;

/** One meter at a time on a time axis: what was read, its limits, and for warmth what is reckoned between readings. */
export default function PotChartDrawn({ pot, garden }: Props) {
	const meters = choices(pot);
	const [chosen, setChosen] = useState<Meter>(meters[0]?.id ?? "THERMOMETER");
	const { ref, width } = useWidth<HTMLDivElement>(600);
	const series = pot.chart.series.find((one) => one.meter === chosen);
	const read = (series?.points ?? []).map(onAxis);
	const reckoned = chosen === "THERMOMETER" ? pot.chart.warmth.map(onAxis) : [];
	const limits = pot.chart.limits.filter((limit) => limit.meter === chosen);
	const from = millis(pot.summary.setAt);
	const until = Math.max(millis(garden.now), ...pot.chart.warmth.map((point) => millis(point.at)));
	return (
		<div ref={ref} className="chart">
			{meters.length > 1 && <Options label="Which reading" options={meters} value={chosen} onChange={setChosen} />}
			<ComposedChart width={Math.max(280, width)} height={HEIGHT} margin={{ top: 10, right: 12, bottom: 0, left: -12 }}>
				<CartesianGrid stroke="var(--line)" vertical={false} />
				<XAxis
					dataKey="at"
					type="number"
					domain={[from, until]}
					tickFormatter={(at: number) => dayOf(new Date(at).toISOString(), garden)}
					tick={{ fill: "var(--soft)", fontSize: 13 }}
					stroke="var(--edge)"
					allowDuplicatedCategory={false}
				/>
				<YAxis
					dataKey="value"
					type="number"
					domain={span([...read, ...reckoned], limits)}
					tick={{ fill: "var(--soft)", fontSize: 13 }}
					stroke="var(--edge)"
					width={56}
					allowDecimals={true}
					tickFormatter={(value: number) => String(Math.round(value * 10) / 10)}
				/>
				{limits.map((limit) => (
					<ReferenceLine
						key={limit.words}
						y={limit.value}
						stroke="var(--brick)"
						strokeDasharray="5 4"
						label={{
							value: limit.words,
							position: limit.most ? "insideTopRight" : "insideBottomRight",
							fill: "var(--brick)",
							fontSize: 12.5,
						}}
					/>
				))}
				<ReferenceLine x={millis(garden.now)} stroke="var(--ink)" />
				{reckoned.length > 0 && (
					<Line
						data={reckoned}
						dataKey="value"
						stroke="var(--honey)"
						strokeWidth={2}
						dot={false}
						isAnimationActive={false}
					/>
				)}
				<Scatter data={read} dataKey="value" fill="var(--ink)" isAnimationActive={false} />
			</ComposedChart>
			<p className="small soft mb-0">
				{series ? `● ${series.words} read${series.unit ? `, ${series.unit}` : ""}` : "Nothing read yet"}
				{chosen === "THERMOMETER" && " · honey line: reckoned from its place and the weather"}
			</p>
		</div>
	);
}

function choices(pot: Pot): { id: Meter; words: string }[] {
	const read = pot.chart.series.map((series) => ({ id: series.meter, words: series.words }));
	const warmth = { id: "THERMOMETER" as const, words: "warmth" };
	return read.some((one) => one.id === "THERMOMETER") ? read : [warmth, ...read];
}

type OnAxis = { readonly at: number; readonly value: number };

function onAxis(point: { readonly at: string; readonly value: number }): OnAxis {
	return { at: millis(point.at), value: point.value };
}

/** From a little below everything to a little above it. */
function span(points: readonly OnAxis[], limits: Pot["chart"]["limits"]): [number, number] {
	const values = [...points.map((point) => point.value), ...limits.map((limit) => limit.value)];
	if (values.length === 0) {
		return [0, 1];
	}
	const low = Math.min(...values);
	const high = Math.max(...values);
	const room = Math.max(0.5, (high - low) * ROOM);
	return [Math.floor((low - room) * 10) / 10, Math.ceil((high + room) * 10) / 10];
}
