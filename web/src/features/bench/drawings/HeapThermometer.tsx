import { between, type Face, INK } from "./face";

/** Where a temperature stands in the glass, from 10 to 60 °C. */
function onGlass(celsius: number): number {
	return 118 - between((celsius - 10) / 50, 0, 1) * 92;
}

export function HeapThermometer({ shown }: Face) {
	const { now = 10, limit } = shown;
	const top = onGlass(now);
	return (
		<g>
			<path
				d="M20 134q24 -86 92 -90t92 90z"
				fill={limit !== undefined && now >= limit ? "var(--brick-wash)" : "var(--honey-wash)"}
				stroke="var(--ink)"
				strokeWidth="2.4"
			/>
			<path d="M60 104q16 -10 30 0t30 0M84 80q14 -8 26 0t26 0" {...INK} strokeWidth="1.4" />
			<rect x="218" y="18" width="16" height="104" rx="8" {...INK} fill="var(--raised)" />
			<rect x="222" y={top} width="8" height={122 - top} fill="var(--brick)" />
			<circle cx="226" cy="128" r="12" fill="var(--brick)" stroke="var(--ink)" strokeWidth="2" />
			{limit !== undefined && (
				<>
					<line x1="206" x2="242" y1={onGlass(limit)} y2={onGlass(limit)} stroke="var(--ink)" strokeDasharray="4 3" />
					<text x="200" y={onGlass(limit) + 4} fontSize="12" textAnchor="end" fill="var(--ink)">
						{limit} °C
					</text>
				</>
			)}
		</g>
	);
}
