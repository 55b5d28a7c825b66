import { between, type Face } from "./face";

const NUTRIENTS = [
	["n", "N"],
	["p", "P"],
	["k", "K"],
	["ca", "Ca"],
	["fe", "Fe"],
] as const;

/** How long the bar of so many milligrams to the litre is, from 0.01 to 1000. */
function bar(milligrams: number): number {
	return between((Math.log10(Math.max(0.01, milligrams)) + 2) / 5, 0.01, 1) * 170;
}

export function CanBars({ shown }: Face) {
	return (
		<g>
			{NUTRIENTS.map(([name, sign], index) => (
				<g key={name}>
					<text x="30" y={24 + index * 26} fontSize="13" textAnchor="end" fill="var(--ink)">
						{sign}
					</text>
					<rect
						x="38"
						y={12 + index * 26}
						width={bar(shown[name] ?? 0)}
						height="15"
						rx="7"
						fill="var(--leaf)"
						stroke="var(--ink)"
						strokeWidth="1.2"
					/>
					<line
						x1={38 + bar(shown[`${name}Full`] ?? 0)}
						x2={38 + bar(shown[`${name}Full`] ?? 0)}
						y1={9 + index * 26}
						y2={30 + index * 26}
						stroke="var(--clay)"
						strokeWidth="3"
					/>
				</g>
			))}
			<text x="38" y="148" fontSize="12" fill="var(--soft)">
				at most · line: a full feed from a shop
			</text>
		</g>
	);
}
