import type { PracticeChapter } from "../../api/types";
import { useWidth } from "../../shared/useWidth";

const TOP = 46;
const ROW = 98;
const LEFT = 16;
const RIGHT = 16;
const AXIS = 30;
const LINES = ["var(--clay)", "var(--honey)", "var(--leaf-deep)", "var(--brick)"];
const LABEL_ROOM = 74;
const OLD_HAND_ROOM = 190;

/** What went on inside, one band for each, with what was done as lines across all of them. */
export function StoryCurves({ chapter }: { readonly chapter: PracticeChapter }) {
	const { ref, width } = useWidth<HTMLDivElement>(640);
	const days = Math.max(...chapter.curves.flatMap((curve) => curve.points.map((point) => point.day)));
	const x = (day: number) => LEFT + (day / days) * (width - LEFT - RIGHT);
	const bottom = TOP + ROW * chapter.curves.length;
	return (
		<div ref={ref} className="practice-curves">
			<svg
				width={width}
				height={bottom + AXIS}
				role="img"
				aria-label={`${chapter.name}: what happened inside, day by day`}
			>
				<Ready chapter={chapter} x={x} bottom={bottom} width={width} />
				{marks(chapter, x).map((mark) => (
					<g key={`${mark.x} ${mark.words}`}>
						<path d={`M${mark.x} ${TOP - 8}V${bottom}`} stroke="var(--ink)" strokeDasharray="2 4" />
						{mark.shown && (
							<text x={mark.x} y={TOP - 18} textAnchor={anchor(mark.x, width)} fontSize="13" fill="var(--ink)">
								{mark.words}
							</text>
						)}
						<circle cx={mark.x} cy={TOP - 8} r="4.5" fill="var(--ink)" />
					</g>
				))}
				{chapter.curves.map((curve, row) => (
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
			<CurvesTable chapter={chapter} />
		</div>
	);
}

type Across = (day: number) => number;

function anchor(x: number, width: number, half = 45) {
	return x < half ? "start" : x > width - half ? "end" : "middle";
}

function ticks(days: number): number[] {
	const step = Math.max(1, Math.ceil(days / 6));
	return Array.from({ length: Math.floor(days / step) + 1 }, (_, index) => index * step);
}

/** What was done; words only where there is room for them, before and up to the end, which always has its word. */
function marks(chapter: PracticeChapter, x: Across) {
	const end = chapter.doings.find((doing) => doing.ends);
	const ends = end ? x(end.day) : Number.POSITIVE_INFINITY;
	let last = Number.NEGATIVE_INFINITY;
	return chapter.doings.map((doing) => {
		const at = x(doing.day);
		const shown = doing.ends || (at - last > LABEL_ROOM && ends - at > LABEL_ROOM);
		last = shown ? at : last;
		return { x: at, words: doing.words, shown };
	});
}

type ReadyProps = {
	readonly chapter: PracticeChapter;
	readonly x: Across;
	readonly bottom: number;
	readonly width: number;
};

/** From when it was ready, and what an old hand does when. */
function Ready({ chapter, x, bottom, width }: ReadyProps) {
	const ends = chapter.oldHand.find((deed) => deed.ends);
	let last = Number.NEGATIVE_INFINITY;
	return (
		<g>
			{chapter.readyFrom !== undefined && ends && (
				<path d={`M${x(chapter.readyFrom)} ${TOP}V${bottom}H${x(ends.day)}V${TOP}z`} fill="var(--moss-wash)" />
			)}
			{chapter.oldHand.map((deed) => {
				const at = x(deed.day);
				const room = at - last > OLD_HAND_ROOM;
				last = room ? at : last;
				return (
					<g key={deed.day}>
						<path d={`M${at} ${TOP - 8}V${bottom}`} stroke="var(--moss)" strokeWidth="2.4" />
						{room && (
							<text
								x={at}
								y="14"
								textAnchor={anchor(at, width, OLD_HAND_ROOM / 2)}
								fontSize="13"
								fontWeight="700"
								fill="var(--moss)"
							>
								{deed.words}
							</text>
						)}
					</g>
				);
			})}
		</g>
	);
}

type BandProps = {
	readonly curve: PracticeChapter["curves"][number];
	readonly top: number;
	readonly colour: string | undefined;
	readonly x: Across;
};

function Band({ curve, top, colour, x }: BandProps) {
	const { low, high } = curve;
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
				{curve.unit}, {curve.range}
			</text>
		</g>
	);
}

const LEAST_TOLD = 0.005;

function short(value: number): string {
	return value < LEAST_TOLD ? "0" : Number(value.toPrecision(2)).toString();
}

/** The same numbers, a line a day at most. */
function CurvesTable({ chapter }: { readonly chapter: PracticeChapter }) {
	const first = chapter.curves[0]?.points ?? [];
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
						{chapter.curves.map((curve) => (
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
							{chapter.curves.map((curve) => (
								<td key={curve.name}>{short(curve.points.find((point) => point.day === row.day)?.value ?? 0)}</td>
							))}
						</tr>
					))}
				</tbody>
			</table>
		</details>
	);
}
