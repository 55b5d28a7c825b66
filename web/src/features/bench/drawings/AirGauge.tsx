import { between, type Face, INK } from "./face";

export function AirGauge({ shown }: Face) {
	const { supply = 0, demand = 0 } = shown;
	const most = Math.max(supply, demand, 1e-6);
	const short = demand > supply;
	return (
		<g>
			<path d="M24 34h84l-8 100h-68z" fill="var(--water)" opacity="0.5" />
			<path d="M20 24h92l-10 112h-72z" {...INK} />
			<path d="M64 12v100" stroke="var(--ink)" strokeWidth="3" />
			{[0, 1, 2, 3, 4, 5].map((one) => (
				<circle
					key={one}
					cx={48 + ((one * 17) % 36)}
					cy={106 - one * 12}
					r={3 + (one % 2) * 2}
					fill="var(--raised)"
					stroke="var(--ink)"
					strokeWidth="1.2"
				/>
			))}
			<text x="136" y="40" fontSize="13" fill="var(--ink)">
				oxygen in
			</text>
			<rect x="136" y="48" width={between((supply / most) * 110, 2, 110)} height="18" rx="9" fill="var(--moss)" />
			<text x="136" y="92" fontSize="13" fill="var(--ink)">
				eaten up
			</text>
			<rect
				x="136"
				y="100"
				width={between((demand / most) * 110, 2, 110)}
				height="18"
				rx="9"
				fill={short ? "var(--brick)" : "var(--honey)"}
			/>
			<text x="136" y="140" fontSize="13" fill={short ? "var(--brick)" : "var(--moss)"}>
				{short ? "✕ airless" : "✓ keeps up"}
			</text>
		</g>
	);
}
