import type { PracticeStory } from "../../api/types";
import { useWidth } from "../../shared/useWidth";

const TOP = 46;
const ROW = 98;
const LEFT = 16;
const RIGHT = 16;
const AXIS = 30;
const LINES = ["var(--clay)", "var(--honey)", "var(--leaf-deep)", "var(--brick)"];
const LABEL_ROOM = 74;

/** What went on inside, one band for each, with what was done as lines across all of them. */
export function StoryCurves({ story }: { readonly story: PracticeStory }) {
	const { ref, width } = useWidth<HTMLDivElement>(640);
	const days = Math.max(...story.curves.flatMap((curve) => curve.points.map((point) => point.day)));
	const x = (day: number) => LEFT + (day / days) * (width - LEFT - RIGHT);
	const bottom = TOP + ROW * story.curves.length;
	return (
		<div ref={ref} className="practice-curves">
			<svg width={width} height={bottom + AXIS} role="img" aria-label="What happened inside, day by day">
				<Ready story={story} x={x} bottom={bottom} />
				{marks(story, x).map((mark) => (
					<g key={`${mark.x} ${mark.words}`}>
						<path d={`M${mark.x} ${TOP - 8}V${bottom}`} stroke="var(--ink)" strokeDasharray="2 4" />
						{mark.shown && (
							<text
								x={mark.x}
								y={TOP - 18}
								textAnchor={mark.crowded ? "start" : anchor(mark.x, width)}
								fontSize="13"
								fill="var(--ink)"
							>
								{mark.words}
							</text>
						)}
						<circle cx={mark.x} cy={TOP - 8} r="4.5" fill="var(--ink)" />
					</g>
				))}
				{story.curves.map((curve, row) => (
					<Band key={curve.name} curve={curve} top={TOP + ROW * row} colour={LINES[row % LINES.length]} x={x} />
				))}
				{ticks(days).map((day) => (
					<text
						key={day}
						x={x(day)}
						y={bottom + 20}
						textAnchor={anchor(x(day), width)}
						fontSize="13"
						fill="var(--soft)"
					>
						day {day}
					</text>
				))}
			</svg>
			<CurvesTable story={story} />
		</div>
	);
}

type Across = (day: number) => number;

function anchor(x: number, width: number) {
	return x < 40 ? "start" : x > width - 50 ? "end" : "middle";
}

function ticks(days: number): number[] {
	const step = Math.max(1, Math.ceil(days / 6));
	return Array.from({ length: Math.floor(days / step) + 1 }, (_, index) => index * step);
}

/** What was done; words only where there is room for them. */
function marks(story: PracticeStory, x: Across) {
	let last = Number.NEGATIVE_INFINITY;
	return story.doings.map((doing) => {
		const at = x(doing.day);
		const room = at - last > LABEL_ROOM;
		last = room ? at : last;
		return { x: at, words: doing.words, shown: room || doing.ends, crowded: !room };
	});
}

/** From when it was ready, and where an old hand ends it. */
function Ready({ story, x, bottom }: { readonly story: PracticeStory; readonly x: Across; readonly bottom: number }) {
	const ends = story.oldHandEnds;
	return (
		<g>
			{story.readyFrom !== undefined && ends && (
				<path d={`M${x(story.readyFrom)} ${TOP}V${bottom}H${x(ends.day)}V${TOP}z`} fill="var(--moss-wash)" />
			)}
			{ends && (
				<>
					<path d={`M${x(ends.day)} ${TOP - 8}V${bottom}`} stroke="var(--moss)" strokeWidth="2.4" />
					<text x={x(ends.day)} y="14" textAnchor="middle" fontSize="13" fontWeight="700" fill="var(--moss)">
						an old hand {ends.words === "strained" ? "strains" : "ends it"} here
					</text>
				</>
			)}
		</g>
	);
}

type BandProps = {
	readonly curve: PracticeStory["curves"][number];
	readonly top: number;
	readonly colour: string | undefined;
	readonly x: Across;
};

function Band({ curve, top, colour, x }: BandProps) {
	const values = curve.points.map((point) => point.value);
	const low = Math.min(...values);
	const high = Math.max(...values);
	const y = (value: number) => top + ROW - 10 - ((value - low) / (high - low || 1)) * (ROW - 42);
	const path = curve.points.map((point) => `${x(point.day).toFixed(1)},${y(point.value).toFixed(1)}`).join("L");
	return (
		<g>
			<path d={`M${x(0)} ${top + ROW - 4}H${x(curve.points.at(-1)?.day ?? 0)}`} stroke="var(--line)" />
			<path d={`M${path}`} fill="none" stroke={colour} strokeWidth="2.6" />
			<text x={x(0)} y={top + 16} fontSize="13" fill="var(--soft)">
				<tspan fontWeight="700" fill="var(--ink)">
					{curve.name}
				</tspan>{" "}
				{curve.unit}, {short(low)} to {short(high)}
			</text>
		</g>
	);
}

function short(value: number): string {
	return Number(value.toPrecision(2)).toString();
}

/** The same numbers, a line a day at most. */
function CurvesTable({ story }: { readonly story: PracticeStory }) {
	const first = story.curves[0]?.points ?? [];
	const rows = first.filter(
		(point, index) => index === 0 || Math.floor(point.day) > Math.floor(first[index - 1]?.day ?? 0),
	);
	return (
		<details>
			<summary>The same as a table</summary>
			<table className="table table-sm">
				<thead>
					<tr>
						<th scope="col">Day</th>
						{story.curves.map((curve) => (
							<th key={curve.name} scope="col">
								{curve.name}, {curve.unit}
							</th>
						))}
					</tr>
				</thead>
				<tbody>
					{rows.map((row) => (
						<tr key={row.day}>
							<th scope="row">{Math.floor(row.day)}</th>
							{story.curves.map((curve) => (
								<td key={curve.name}>{short(curve.points.find((point) => point.day === row.day)?.value ?? 0)}</td>
							))}
						</tr>
					))}
				</tbody>
			</table>
		</details>
	);
}
