import { calendarDay, DAY_MS, dayAfter, millis } from "../shared/dates";

export type StripMark = {
	readonly day: string;
	readonly kind: "FEED" | "WATER" | "LOOK" | "STAGE" | "PROPOSED_FEED" | "PROPOSED_WATER" | "PROPOSED_LOOK";
	readonly words: string;
};

type SpanProps = {
	readonly width: number;
	readonly from: string;
	readonly until: string;
	readonly today: string;
};

type Props = SpanProps & { readonly marks: readonly StripMark[] };

const BAND = 36;
const MIDDLE = 22;
const SCALE = 20;
/** Between marks of one day. */
const APART = 17;
const ROOM_FOR_A_DATE = 52;

/** A span of weeks, laid out over a width. */
function weeksOf({ width, from, until }: SpanProps) {
	const start = millis(`${from}T00:00:00Z`);
	const end = millis(`${until}T00:00:00Z`) + 2 * DAY_MS;
	return {
		x: (day: string) => ((millis(`${day}T12:00:00Z`) - start) / (end - start)) * width,
		weeks: Array.from({ length: Math.ceil((end - start) / (7 * DAY_MS)) }, (_, index) => index),
		week: (7 * DAY_MS * width) / (end - start),
	};
}

/** The days that all strips below it share, told once. */
export function FeedScale(span: SpanProps) {
	const { x, weeks, week } = weeksOf(span);
	const everySo = Math.ceil(ROOM_FOR_A_DATE / week);
	const now = x(span.today);
	return (
		<svg width={span.width} height={SCALE} viewBox={`0 0 ${span.width} ${SCALE}`} aria-hidden="true">
			{weeks
				.filter((index) => index % everySo === 0 && index * week + ROOM_FOR_A_DATE < span.width)
				.filter((index) => Math.abs(index * week - now) > ROOM_FOR_A_DATE)
				.map((index) => (
					<text key={index} x={index * week + 2} y={SCALE - 6} fontSize="12" fill="var(--soft)">
						{calendarDay(dayAfter(span.from, 7 * index)).replace(/^\S+ /, "")}
					</text>
				))}
			<text x={now} y={SCALE - 6} fontSize="12" fontWeight="700" textAnchor="middle" fill="var(--ink)">
				today
			</text>
		</svg>
	);
}

/** Weeks side by side: a drop for a feed, a wave for plain water, an eye for a look; open shapes are proposed. */
export function FeedStrip({ marks, ...span }: Props) {
	const { width, today } = span;
	const { x, weeks, week } = weeksOf(span);
	const height = BAND + 8;
	return (
		<svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
			{weeks.map((index) => (
				<rect
					key={index}
					x={index * week}
					y="4"
					width={week}
					height={BAND}
					fill="var(--paper-deep)"
					opacity={index % 2 === 0 ? 1 : 0.35}
				/>
			))}
			<path d={`M${x(today)} 0V${height}`} stroke="var(--ink)" strokeWidth="2" />
			{marks.map((mark, index) => (
				<g
					key={mark.day + mark.kind + mark.words}
					transform={`translate(${Math.min(width - APART / 2, x(mark.day) + APART * beside(marks, index))} ${MIDDLE})`}
				>
					{SHAPES[mark.kind]}
				</g>
			))}
		</svg>
	);
}

/** How many marks of the same day stand before this one. */
function beside(marks: readonly StripMark[], index: number) {
	return marks.slice(0, index).filter((mark) => mark.day === marks[index]?.day).length;
}

const DROP = "M0-12c5 6 7 9 7 13a7 7 0 0 1-14 0c0-4 2-7 7-13z";
const WAVE = "M-8-3c3-4 5-4 8 0s5 4 8 0M-8 5c3-4 5-4 8 0s5 4 8 0";
const EYE = "M-9 0c4-7 14-7 18 0-4 7-14 7-18 0z";

const SHAPES = {
	FEED: <path d={DROP} fill="var(--moss)" stroke="var(--ink)" strokeWidth="1.5" />,
	WATER: <path d={WAVE} fill="none" stroke="var(--ink)" strokeWidth="2" />,
	LOOK: (
		<>
			<path d={EYE} fill="var(--raised)" stroke="var(--ink)" strokeWidth="1.5" />
			<circle r="3" fill="var(--ink)" />
		</>
	),
	STAGE: <path d="M0-9l4 9-4 9-4-9z" fill="var(--plum)" />,
	PROPOSED_FEED: <path d={DROP} fill="none" stroke="var(--moss)" strokeWidth="2" strokeDasharray="3 2" />,
	PROPOSED_WATER: <path d={WAVE} fill="none" stroke="var(--soft)" strokeWidth="1.8" strokeDasharray="3 2" />,
	PROPOSED_LOOK: <path d={EYE} fill="none" stroke="var(--soft)" strokeWidth="1.8" strokeDasharray="3 2" />,
} as const;
