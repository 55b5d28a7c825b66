import { between, type Face, INK } from "./face";

export function MeasuringGlass({ shown }: Face) {
	const millilitres = shown.MILLILITRE ?? 0;
	const size = 10 ** Math.ceil(Math.log10(Math.max(1, millilitres)));
	const full = between(millilitres / size, 0.02, 1) * 108;
	return (
		<g>
			<path d={`M84 ${134 - full}h92l-2 ${full}h-88z`} fill="var(--water)" opacity="0.6" />
			<path d="M78 14h104l-8 122h-88z" {...INK} />
			{[0.25, 0.5, 0.75, 1].map((part) => (
				<g key={part}>
					<line x1="84" x2="108" y1={134 - part * 108} y2={134 - part * 108} stroke="var(--ink)" strokeWidth="1.6" />
					<text x="70" y={138 - part * 108} fontSize="12" textAnchor="end" fill="var(--soft)">
						{part * size} mL
					</text>
				</g>
			))}
		</g>
	);
}
