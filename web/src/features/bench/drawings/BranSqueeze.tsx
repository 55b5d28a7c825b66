import { type Face, INK } from "./face";

/** How far a ball cracks, and how many drops come, as it feels from dust to running. */
const CRACK = [9, 4, 0, 0];
const DROPS = [0, 0, 1, 5];

export function BranSqueeze({ shown }: Face) {
	const { moisture = 0, squeeze = 0 } = shown;
	const apart = CRACK[squeeze] ?? 0;
	const drops = DROPS[squeeze] ?? 0;
	return (
		<g>
			<path d="M60 92q8 -54 70 -56q64 2 70 56q-10 30 -70 30t-70 -30z" {...INK} fill="var(--honey-wash)" />
			<path d="M74 70q56 -26 112 0M70 86q60 -20 120 0M78 102q52 -14 104 0" {...INK} strokeWidth="1.6" />
			{apart > 0 && <path d={`M128 36l${-apart} 30l${apart * 2} 24l${-apart} 30`} {...INK} />}
			{Array.from({ length: drops }, (_, index) => (
				<path
					// biome-ignore lint/suspicious/noArrayIndexKey: drops are all alike
					key={index}
					d={`M${92 + index * 20} 124c7 9 6 14 0 14s-7 -5 0 -14z`}
					fill="var(--water)"
					stroke="var(--ink)"
					strokeWidth="1.2"
				/>
			))}
			<text x="130" y="22" fontSize="14" textAnchor="middle" fill="var(--ink)">
				{Math.round(moisture * 100)} % water
			</text>
		</g>
	);
}
