import { Link } from "react-router";
import type { Garden, PastPot, PotSummary } from "../../api/types";
import { Ribbon } from "../../drawings/Ribbon";
import { DAY_MS, dayOf, millis, type Wall } from "../../shared/dates";
import { Tag } from "../../shared/Tag";
import { useWidth } from "../../shared/useWidth";
import { AxisGrid } from "./AxisGrid";
import { FoldedRows } from "./FoldedRows";
import { type Span, spanDays } from "./span";

type Props = {
	readonly pots: readonly PotSummary[];
	readonly past: readonly PastPot[];
	/** Days on which frost is forecast. */
	readonly frost: readonly string[];
	/** How far back the axis reaches. */
	readonly span: Span;
	readonly garden: Garden;
};

const AHEAD_AT_LEAST = 14 * DAY_MS;
const AHEAD_AT_MOST = 45 * DAY_MS;
const MARGIN = 2 * DAY_MS;

/** All pots on one time axis, grouped by place. */
export function PotAxis({ pots, past, frost, span, garden }: Props) {
	const { ref, width } = useWidth<HTMLDivElement>(900);
	const now = millis(garden.now);
	const oldest = Math.min(now, ...[...pots, ...past].map((pot) => millis(pot.setAt)));
	const from = Math.max(oldest, now - spanDays(span) * DAY_MS) - MARGIN;
	const latest = Math.max(now, ...pots.map((pot) => millis(pot.forecast.late ?? garden.now))) + MARGIN;
	const until = now + Math.min(AHEAD_AT_MOST, Math.max(AHEAD_AT_LEAST, latest - now));
	const x = (moment: string) => at(millis(moment));
	const at = (moment: number) => ((moment - from) / (until - from)) * width;
	const places = [...new Map([...pots, ...past].map((pot) => [pot.placeId, pot.place]))];
	return (
		<>
			<section className="axis" aria-label="Pots by place">
				<div className="axis-grid" ref={ref}>
					<AxisGrid width={width} from={from} until={until} now={now} at={at} wall={garden} frost={frost} />
				</div>
				{places.map(([id, place]) => (
					<div key={id}>
						<h2 className="axis-place">{place}</h2>
						<FoldedRows
							place={place}
							places={places.length}
							rows={pots.filter((pot) => pot.placeId === id)}
							draw={(pot) => <PotRow key={pot.id} pot={pot} garden={garden} width={width} x={x} />}
						/>
						{/* They come in pages that were asked for, and don't fold. */}
						{past
							.filter((pot) => pot.placeId === id)
							.map((pot) => (
								<PastRow key={pot.id} pot={pot} wall={garden} width={width} x={x} />
							))}
					</div>
				))}
			</section>
			<div className="legend" aria-hidden="true">
				<span>
					<i className="legend-working" /> working
				</span>
				<span>
					<i className="legend-likely" /> likely ready
				</span>
				<span>
					<i className="legend-past" /> may wait, then past its best
				</span>
				<span>
					<i className="legend-look" /> you looked
				</span>
				{frost.length > 0 && (
					<span>
						<i className="legend-frost" /> frost forecast
					</span>
				)}
			</div>
		</>
	);
}

type RowProps = {
	readonly pot: PotSummary;
	readonly garden: Garden;
	readonly width: number;
	readonly x: (moment: string) => number;
};

function PotRow({ pot, garden, width, x }: RowProps) {
	return (
		<Link className="axis-row" to={`/pots/${pot.id}`}>
			<span className="axis-name">
				<span>
					<b>{pot.name}</b>
					<small>
						day {pot.day} · <span className={tone(pot)}>{pot.headline}</span>
					</small>
				</span>
				<Tag code={pot.code} />
			</span>
			<Ribbon
				width={width}
				x={x}
				setAt={pot.setAt}
				now={garden.now}
				early={pot.forecast.early}
				late={pot.forecast.late}
				past={pot.forecast.past}
				checks={pot.checks}
			/>
		</Link>
	);
}

type PastProps = {
	readonly pot: PastPot;
	readonly wall: Wall;
	readonly width: number;
	readonly x: (moment: string) => number;
};

/** A pot that ended: its span, and how it went. */
function PastRow({ pot, wall, width, x }: PastProps) {
	const start = x(pot.setAt);
	return (
		<Link className="axis-row past" to={`/pots/${pot.id}`}>
			<span className="axis-name">
				<span>
					<b>{pot.name}</b>
					<small className={pot.spoilt ? "trouble" : undefined}>
						{pot.spoilt ? "thrown away" : pot.ended} {dayOf(pot.endedAt, wall)}
					</small>
				</span>
				<Tag code={pot.code} />
			</span>
			<svg width={width} height={26} viewBox={`0 0 ${width} 26`} aria-hidden="true">
				<rect
					x={start}
					y={8}
					width={Math.max(4, x(pot.endedAt) - start)}
					height={10}
					rx={5}
					fill={pot.spoilt ? "none" : "var(--plum)"}
					stroke="var(--plum)"
					strokeWidth={1.5}
				/>
				{pot.spoilt && (
					<path d={`M${x(pot.endedAt) - 5} 8l10 10m0-10l-10 10`} stroke="var(--brick)" strokeWidth={2.2} fill="none" />
				)}
			</svg>
		</Link>
	);
}

function tone(pot: PotSummary): string | undefined {
	if (pot.verdict === "READY") {
		return "ready";
	}
	return pot.verdict === "THROW_AWAY" || pot.urgent ? "trouble" : undefined;
}
