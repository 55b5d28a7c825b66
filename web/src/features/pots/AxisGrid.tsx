import { DAY_MS, dayOf, millis, type Wall } from "../../shared/dates";

/** A date every so many pixels at most. */
const TICK_ROOM = 92;

type GridProps = {
	readonly width: number;
	readonly from: number;
	readonly until: number;
	readonly now: number;
	readonly at: (moment: number) => number;
	readonly wall: Wall;
	readonly frost: readonly string[];
};

/** Dates along the top, a line for each, and the days on which frost is forecast. */
export function AxisGrid({ width, from, until, now, at, wall, frost }: GridProps) {
	const days = Math.max(1, Math.ceil(((until - from) / DAY_MS) * (TICK_ROOM / Math.max(width, TICK_ROOM))));
	const step = (days > 7 ? Math.ceil(days / 7) * 7 : days) * DAY_MS;
	const first = now - Math.floor((now - from) / step) * step;
	const ticks = Array.from({ length: Math.floor((until - first) / step) + 1 }, (_, index) => first + index * step);
	return (
		<svg width="100%" height="100%" aria-hidden="true">
			{frost.map((day) => {
				const start = at(millis(`${day}T00:00:00Z`));
				return (
					<rect
						key={day}
						x={start}
						y="32"
						width={Math.max(4, at(millis(`${day}T00:00:00Z`) + DAY_MS) - start)}
						height="100%"
						fill="var(--water)"
						opacity="0.35"
					/>
				);
			})}
			{ticks.map((tick) => {
				const today = Math.abs(tick - now) < DAY_MS / 2;
				return (
					<g key={tick}>
						<line
							x1={at(tick)}
							x2={at(tick)}
							y1="32"
							y2="100%"
							stroke={today ? "var(--ink)" : "var(--line)"}
							strokeWidth={today ? 2 : 1.2}
						/>
						<text
							x={at(tick)}
							y="20"
							textAnchor={at(tick) < 24 ? "start" : at(tick) > width - 24 ? "end" : "middle"}
							fontSize="13"
							fontWeight={today ? 700 : 400}
							fill={today ? "var(--ink)" : "var(--soft)"}
						>
							{today ? "today" : dayOf(new Date(tick).toISOString(), wall)}
						</text>
					</g>
				);
			})}
		</svg>
	);
}
