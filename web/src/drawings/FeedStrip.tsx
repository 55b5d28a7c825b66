import { DAY_MS, millis } from "../shared/dates";

export type StripMark = {
	readonly day: string;
	readonly kind: "FEED" | "WATER" | "LOOK" | "STAGE" | "PROPOSED_FEED" | "PROPOSED_WATER" | "PROPOSED_LOOK";
	readonly words: string;
};

type Props = {
	readonly width: number;
	readonly from: string;
	readonly until: string;
	readonly today: string;
	readonly marks: readonly StripMark[];
};

const HEIGHT = 44;
const MIDDLE = 22;

/** Weeks side by side: a drop for a feed, a wave for plain water, an eye for a look; open shapes are proposed. */
export function FeedStrip({ width, from, until, today, marks }: Props) {
	const start = millis(`${from}T00:00:00Z`);
	const end = millis(`${until}T00:00:00Z`) + 2 * DAY_MS;
	const x = (day: string) => ((millis(`${day}T12:00:00Z`) - start) / (end - start)) * width;
	const weeks = Array.from({ length: Math.ceil((end - start) / (7 * DAY_MS)) }, (_, index) => index);
	const week = (7 * DAY_MS * width) / (end - start);
	return (
		<svg width={width} height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`} aria-hidden="true">
			{weeks.map((index) => (
				<rect
					key={index}
					x={index * week}
					y="4"
					width={week}
					height={HEIGHT - 8}
					fill="var(--paper-deep)"
					opacity={index % 2 === 0 ? 1 : 0.35}
				/>
			))}
			<path d={`M${x(today)} 0V${HEIGHT}`} stroke="var(--ink)" strokeWidth="2" />
			{marks.map((mark) => (
				<g key={mark.day + mark.kind + mark.words} transform={`translate(${x(mark.day)} ${MIDDLE})`}>
					{SHAPES[mark.kind]}
				</g>
			))}
		</svg>
	);
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
