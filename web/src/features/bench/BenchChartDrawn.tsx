import { nice, ticks } from "d3-array";
import { CartesianGrid, Line, LineChart, ReferenceDot, ReferenceLine, XAxis, YAxis } from "recharts";
import { useWidth } from "../../shared/useWidth";
import type { Chart } from "./BenchChart";

const HEIGHT = 260;
/** About how many numbers stand at the curve: in steps of one, two or five. */
const TICKS = 4;
const STROKES = ["var(--honey)", "var(--moss)", "var(--plum)"];
const DASHES = ["", "7 4", "2 4"];

function short(value: number) {
	return Number(value.toPrecision(6)).toString();
}

/** Curves by colour and dash, limits across, and where the answer stands. */
export default function BenchChartDrawn({ chart }: { readonly chart: Chart }) {
	const { ref, width } = useWidth<HTMLDivElement>(420);
	const values = [
		...chart.lines.flatMap((line) => line.points.map((point) => point.y)),
		...chart.limits.map((limit) => limit.y),
	];
	const [low, high] = nice(Math.min(...values), Math.max(...values), TICKS);
	const across = chart.lines.flatMap((line) => line.points.map((point) => point.x));
	const [first, last] = [Math.min(...across), Math.max(...across)];
	return (
		<div ref={ref} className="chart">
			<LineChart
				accessibilityLayer={false}
				width={Math.max(260, width)}
				height={HEIGHT}
				margin={{ top: 10, right: 14, bottom: 14, left: -8 }}
			>
				<CartesianGrid stroke="var(--line)" vertical={false} />
				<XAxis
					dataKey="x"
					type="number"
					domain={[first, last]}
					ticks={ticks(first, last, TICKS)}
					interval={0}
					tickFormatter={short}
					tick={{ fill: "var(--soft)", fontSize: 13 }}
					stroke="var(--edge)"
					label={{ value: chart.x, position: "insideBottom", offset: -8, fill: "var(--soft)", fontSize: 13 }}
					allowDuplicatedCategory={false}
				/>
				<YAxis
					dataKey="y"
					type="number"
					domain={[low, high]}
					ticks={ticks(low, high, TICKS)}
					interval={0}
					tick={{ fill: "var(--soft)", fontSize: 13 }}
					stroke="var(--edge)"
					width={58}
					tickFormatter={short}
				/>
				{chart.limits.map((limit) => (
					<ReferenceLine
						key={limit.name}
						y={limit.y}
						stroke="var(--brick)"
						strokeDasharray="5 4"
						label={{ value: limit.name, position: "insideTopRight", fill: "var(--brick)", fontSize: 12.5 }}
					/>
				))}
				{chart.lines.map((line, index) => (
					<Line
						key={line.name}
						data={line.points}
						dataKey="y"
						stroke={STROKES[index % STROKES.length]}
						strokeDasharray={DASHES[index % DASHES.length]}
						strokeWidth={2.4}
						dot={false}
						isAnimationActive={false}
					/>
				))}
				{chart.here && <ReferenceDot x={chart.here.x} y={chart.here.y} r={6} fill="var(--clay)" stroke="var(--ink)" />}
			</LineChart>
			<p className="small soft mb-0">
				{chart.lines.map((line, index) => `${["solid", "dashed", "dotted"][index % 3]}: ${line.name}`).join(" · ")}
				{chart.here && " · ● here"} · up: {chart.y}
			</p>
		</div>
	);
}
