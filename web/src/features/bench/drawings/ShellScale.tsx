import { between, type Face, HAND, INK } from "./face";

const SCHOOLS = [
	["equalWeight", "1:1"],
	["equalVolume", "vol."],
	["tenfold", "1:10"],
	["balance", "all used"],
] as const;

/** Where parts of vinegar to one of shell stand on an axis from 1:1 to 1:30. */
function onParts(parts: number): number {
	return 18 + (between(Math.log10(Math.max(1, parts)), 0, 1.48) / 1.48) * 116;
}

export function ShellScale({ shown }: Face) {
	const { left = 1, gas = 0, parts = 1 } = shown;
	const bubbles = between(Math.round(gas / 1.2), 2, 14);
	const schools = SCHOOLS.flatMap(([name, words]) =>
		shown[name] === undefined ? [] : [{ words, y: onParts(shown[name]) }],
	);
	return (
		<g>
			<path d="M84 52h92v74q0 14 -14 14h-64q-14 0 -14 -14z" fill="var(--honey-wash)" />
			<path d={`M88 138q42 ${-8 - left * 44} 84 0z`} fill="var(--raised)" stroke="var(--edge)" strokeWidth="1.6" />
			{Array.from({ length: bubbles }, (_, index) => (
				<circle
					// biome-ignore lint/suspicious/noArrayIndexKey: bubbles are all alike
					key={index}
					cx={98 + ((index * 37) % 66)}
					cy={112 - ((index * 23) % 54)}
					r={2.5 + (index % 3)}
					fill="var(--raised)"
					stroke="var(--ink)"
					strokeWidth="1.2"
				/>
			))}
			<path d="M90 14h80v12q14 8 14 24v76q0 16 -16 16h-76q-16 0 -16 -16v-76q0 -16 14 -24z" {...INK} />
			<text x="6" y="132" fontSize="13" fill="var(--soft)">
				{Math.round(left * 100)} % left
			</text>
			<line x1="202" x2="202" y1="12" y2="140" stroke="var(--edge)" strokeWidth="2" />
			{schools.map(({ words, y }) => (
				<g key={words}>
					<line x1="197" x2="207" y1={y} y2={y} stroke="var(--ink)" strokeWidth="2" />
					<text x="212" y={y + 4} fontSize="11.5" fill="var(--ink)">
						{words}
					</text>
				</g>
			))}
			<path d={`M196 ${onParts(parts)}l-13 -7v14z`} {...HAND} />
		</g>
	);
}
