import type { PracticeBed } from "../../api/types";

type Sight = PracticeBed["sight"];

const PLANTS = 5;
const LEAVES = 6;
const ALL = PLANTS * LEAVES;

/** A bed of young plants as it is now: how high the sun stands, which leaves are brown, whether they hang. */
export function BedDrawing({ bed }: { readonly bed: PracticeBed }) {
	const { sight } = bed;
	return (
		<svg className="practice-bed" viewBox="0 0 260 150" role="img" aria-label={`The bed: ${bed.seen}`}>
			<rect width="260" height="116" rx="10" fill="var(--raised)" />
			<rect width="260" height="116" rx="10" fill="var(--ink)" opacity={0.3 * (1 - sight.sun)} />
			{sight.sun > 0 && <circle cx="216" cy={96 - 70 * sight.sun} r="15" fill="var(--honey)" />}
			{Array.from({ length: PLANTS }, (_, plant) => (
				// biome-ignore lint/suspicious/noArrayIndexKey: the plants stand in a row and never change places
				<Plant key={plant} number={plant} sight={sight} />
			))}
			<path d="M0 112q65-7 130 0t130 0v28q0 10-10 10h-240q-10 0-10-10z" fill="var(--edge)" />
		</svg>
	);
}

function Plant({ number, sight }: { readonly number: number; readonly sight: Sight }) {
	const x = 30 + number * 50;
	return (
		<g>
			<path d={`M${x} 112v-46`} stroke="var(--leaf-deep)" strokeWidth="3" />
			{Array.from({ length: LEAVES }, (_, leaf) => (
				// biome-ignore lint/suspicious/noArrayIndexKey: leaves stay where they grew
				<Leaf key={leaf} x={x} leaf={leaf} place={number * LEAVES + leaf} sight={sight} />
			))}
		</g>
	);
}

type LeafProps = { readonly x: number; readonly leaf: number; readonly place: number; readonly sight: Sight };

/** Which leaves are scorched first follows a fixed rule, so that they don't jump from day to day. */
function Leaf({ x, leaf, place, sight }: LeafProps) {
	const rank = ((place * 7) % ALL) / ALL;
	const right = leaf % 2 === 0;
	const y = 68 + Math.floor(leaf / 2) * 15;
	const hangs = 60 * sight.wilting;
	const turn = right ? -28 + hangs : 28 - hangs;
	return (
		<ellipse
			cx={right ? x + 13 : x - 13}
			cy={y}
			rx="12"
			ry="5.5"
			transform={`rotate(${turn} ${x} ${y})`}
			fill={rank < sight.scorched ? "var(--honey-deep)" : "var(--leaf)"}
			stroke={rank < 3 * sight.scorched ? "var(--honey-deep)" : "var(--leaf-deep)"}
			strokeWidth={rank < 3 * sight.scorched ? 2 : 1}
			opacity={1 - 0.25 * sight.sticky}
		/>
	);
}
