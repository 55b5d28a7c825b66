import { between, type Face, HAND, INK } from "./face";

const STOPS = [
	["bacteriaStop", "bacteria"],
	["yeastsStop", "yeasts"],
	["mouldsStop", "moulds"],
] as const;

/** Where a water activity stands on a scale from 0.75 to 1. */
function onScale(activity: number): number {
	return 134 - between((activity - 0.75) / 0.25, 0, 1) * 118;
}

export function SugarGauge({ shown }: Face) {
	const level = onScale(shown.activity ?? 1);
	const stops = STOPS.flatMap(([mark, who]) => (shown[mark] === undefined ? [] : [{ who, y: onScale(shown[mark]) }]));
	return (
		<g>
			<rect x="46" y="12" width="26" height="126" rx="13" {...INK} />
			<rect x="50" y={level} width="18" height={134 - level} rx="9" fill="var(--honey)" />
			{stops.map(({ who, y }) => (
				<g key={who}>
					<line x1="40" x2="110" y1={y} y2={y} stroke="var(--brick)" strokeDasharray="5 4" strokeWidth="1.6" />
					<text x="116" y={y + 4} fontSize="13" fill="var(--ink)">
						{who} stop
					</text>
				</g>
			))}
			<path d={`M40 ${level}l-14 -7v14z`} {...HAND} />
		</g>
	);
}
