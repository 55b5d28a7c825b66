type Props = {
	readonly width: number;
	readonly x: (moment: string) => number;
	readonly setAt: string;
	readonly now: string;
	readonly early?: string;
	readonly late?: string;
	readonly past?: string;
	readonly checks: readonly string[];
	readonly ended?: boolean;
};

const TOP = 12;
const HEIGHT = 18;

/** A pot's life on a time axis: progress so far, the likely window, and the fade after it; a dot for each visit.
 * A point at the left end says that it began before the axis does. */
export function Ribbon({ width, x, setAt, now, early, late, past, checks, ended = false }: Props) {
	const start = x(setAt);
	const today = x(now);
	const readyFrom = early ? Math.min(today, Math.max(start, x(early))) : today;
	const middle = TOP + HEIGHT / 2;
	return (
		<svg width={width} height={42} viewBox={`0 0 ${width} 42`} aria-hidden="true">
			<defs>
				<pattern id="likely" width="7" height="7" patternTransform="rotate(40)" patternUnits="userSpaceOnUse">
					<path d="M0 0v7" stroke="var(--moss)" strokeWidth="1.6" />
				</pattern>
			</defs>
			{early && late && (
				<g>
					<rect x={x(early)} y={TOP} width={Math.max(3, x(late) - x(early))} height={HEIGHT} fill="var(--moss-wash)" />
					<rect x={x(early)} y={TOP} width={Math.max(3, x(late) - x(early))} height={HEIGHT} fill="url(#likely)" />
				</g>
			)}
			{late && past && (
				<path
					d={`M${x(late)} ${middle}H${Math.min(width, x(past))}`}
					stroke="var(--plum)"
					strokeWidth="2"
					strokeDasharray="2 5"
				/>
			)}
			<path d={bar(start, readyFrom)} fill={ended ? "var(--plum)" : "var(--honey)"} />
			{readyFrom < today && (
				<rect
					x={readyFrom}
					y={TOP}
					width={today - readyFrom}
					height={HEIGHT}
					fill={ended ? "var(--plum)" : "var(--moss)"}
				/>
			)}
			{checks.map((check) => (
				<circle key={check} cx={x(check)} cy={middle} r="3" fill="var(--ink)" stroke="var(--paper)" strokeWidth="1" />
			))}
			{start < 0 && today > 0 && (
				<path
					d={`M9 ${TOP + 3}l-6 ${HEIGHT / 2 - 3}l6 ${HEIGHT / 2 - 3}`}
					stroke="var(--ink)"
					strokeWidth="2"
					fill="none"
				/>
			)}
			<path d={`M${today} 0c5 6 7 9 7 13a7 7 0 0 1-14 0c0-4 2-7 7-13z`} fill="var(--ink)" stroke="var(--paper)" />
		</svg>
	);
}

function bar(from: number, to: number): string {
	const length = Math.max(4, to - from);
	const round = Math.min(9, length / 2);
	return `M${from + round} ${TOP}H${from + length}v${HEIGHT}H${from + round}a${round} 9 0 0 1 0-${HEIGHT}z`;
}
