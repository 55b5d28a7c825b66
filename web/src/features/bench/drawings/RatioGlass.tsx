import { between, type Face, HAND, INK } from "./face";

/** Where a strength stands on a ruler from neat to 1:10 000. */
function onRuler(water: number): number {
	return 26 + (between(Math.log10(Math.max(1, water)), 0, 4) / 4) * 204;
}

export function RatioGlass({ shown }: Face) {
	const { share = 0, water = 1 } = shown;
	const layer = between(share * 78, 2, 78);
	return (
		<g>
			<path d="M78 14h92l-8 84h-76z" fill="var(--water)" opacity="0.55" />
			<path d={`M${84 + (78 - layer) * 0.02} ${98 - layer}h80l-1 ${layer}h-76z`} fill="var(--honey)" />
			<path d="M78 14h92l-8 84h-76zM170 30l44 -12M78 26c-26 6-26 44 6 50" {...INK} />
			<line x1="26" x2="230" y1="124" y2="124" stroke="var(--edge)" strokeWidth="2" />
			{[0, 1, 2, 3, 4].map((power) => (
				<g key={power}>
					<line x1={26 + power * 51} x2={26 + power * 51} y1="118" y2="130" stroke="var(--edge)" strokeWidth="2" />
					<text x={26 + power * 51} y="146" fontSize="12" textAnchor="middle" fill="var(--soft)">
						1:{10 ** power}
					</text>
				</g>
			))}
			<path d={`M${onRuler(water)} 126l-7 -14h14z`} {...HAND} />
		</g>
	);
}
