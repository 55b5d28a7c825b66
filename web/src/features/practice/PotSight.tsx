import type { PracticePot } from "../../api/types";
import { heightOf, type Shape, slicePath } from "../../drawings/jarShape";
import { FLOOR, MIDDLE, shapeOf } from "../../drawings/vesselKinds";

type Sight = NonNullable<PracticePot["sight"]>;

const BUBBLES = 16;
const BLOBS = 7;
const THREADS = 9;
const SOME = 0.03;

type Props = {
	readonly pot: PracticePot;
	/** Whether it only stands beside words that tell the same. */
	readonly hidden?: boolean;
};

/** A practice pot as it is now: level, bubbles, what lies on top, the lid; empty while it isn't set. */
export function PotSight({ pot, hidden = false }: Props) {
	const shape = shapeOf(pot.vessel);
	return (
		<svg
			className="practice-pot"
			viewBox="0 30 260 356"
			role="img"
			aria-label={`${pot.name}: ${pot.seen}`}
			aria-hidden={hidden}
		>
			<path d={slicePath(0, shape.height, shape, MIDDLE, FLOOR)} fill="var(--raised)" />
			{pot.sight && <Inside sight={pot.sight} family={pot.family} shape={shape} />}
			<path
				d={slicePath(0, shape.height, shape, MIDDLE, FLOOR)}
				fill="none"
				stroke="var(--ink)"
				strokeWidth="2.6"
				strokeLinejoin="round"
			/>
			{pot.sight && <Lid sight={pot.sight} shape={shape} />}
		</svg>
	);
}

type InsideProps = { readonly sight: Sight; readonly family: PracticePot["family"]; readonly shape: Shape };

function Inside({ sight, family, shape }: InsideProps) {
	const top = heightOf(sight.level, shape);
	return (
		<>
			<path d={slicePath(0, top, shape, MIDDLE, FLOOR)} fill="var(--leaf)" />
			<path
				d={slicePath(0, top * sight.liquid, shape, MIDDLE, FLOOR)}
				fill={liquidOf(family)}
				opacity={0.55 + 0.4 * sight.dark}
			/>
			<Curd sight={sight} top={top} shape={shape} />
			<Threads sight={sight} top={top} shape={shape} />
			<Bubbles sight={sight} top={top} shape={shape} />
			<OnTop sight={sight} top={top} shape={shape} />
		</>
	);
}

function liquidOf(family: PracticePot["family"]): string {
	switch (family) {
		case "SUGAR":
		case "FOREST":
		case "BRAN":
			return "var(--honey)";
		case "ANAEROBIC":
			return "var(--leaf-deep)";
		case "TEA":
			return "var(--honey-deep)";
		default:
			return "var(--water)";
	}
}

type Part = { readonly sight: Sight; readonly top: number; readonly shape: Shape };

/** Places spread over a pot by a fixed rule, so that a drawing doesn't jump from day to day. */
function spread(count: number, top: number, shape: Shape) {
	return Array.from({ length: count }, (_, index) => {
		const height = top * (0.08 + 0.84 * ((index * 0.618) % 1));
		const across = 1.6 * ((index * 0.5698 + 0.4) % 1) - 0.8;
		return { key: index, x: MIDDLE + across * shape.halfWidth(height), y: FLOOR - height };
	});
}

function Bubbles({ sight, top, shape }: Part) {
	return (
		<g className="practice-bubbles" fill="var(--paper)" stroke="var(--ink)" strokeWidth="0.8" opacity="0.85">
			{spread(Math.round(sight.bubbles * BUBBLES), top, shape).map(({ key, x, y }) => (
				<circle key={key} cx={x} cy={y} r={2.5 + (key % 3) * 1.5} style={{ animationDelay: `${-(key % 5) * 0.5}s` }} />
			))}
		</g>
	);
}

function Threads({ sight, top, shape }: Part) {
	return (
		<g stroke="var(--paper)" strokeWidth="2" fill="none" strokeLinecap="round">
			{spread(Math.round(sight.threads * THREADS), top, shape).map(({ key, x, y }) => (
				<path key={key} d={`M${x - 16} ${y}c10-12 16 10 34-4M${x - 6} ${y + 9}c8-8 14 4 22-3`} />
			))}
		</g>
	);
}

function Curd({ sight, top, shape }: Part) {
	if (sight.curd < 0.2) {
		return null;
	}
	return (
		<path
			d={slicePath(top * (1 - 0.45 * sight.curd), top, shape, MIDDLE, FLOOR)}
			fill="var(--paper)"
			stroke="var(--line)"
			opacity={sight.curd}
		/>
	);
}

/** Film, mould and foam lie on what is in it. */
function OnTop({ sight, top, shape }: Part) {
	const half = shape.halfWidth(top);
	const y = FLOOR - top;
	return (
		<g>
			{sight.film > 0.2 && (
				<path
					d={`M${MIDDLE - half} ${y}c${half * 0.5}-7 ${half} 5 ${half}-1s${half * 0.6}-6 ${half} 1`}
					stroke="var(--paper)"
					strokeWidth={3 + 5 * sight.film}
					fill="none"
				/>
			)}
			{sight.foam > 0.2 &&
				spread(Math.round(sight.foam * 18), 20, shape).map(({ key, x }) => (
					<circle
						key={key}
						cx={x}
						cy={y - 3 - (key % 3) * 4}
						r={4 + (key % 3)}
						fill="var(--honey-wash)"
						stroke="var(--honey-deep)"
						strokeWidth="0.8"
					/>
				))}
			{sight.mould > SOME &&
				spread(Math.max(1, Math.round(sight.mould * BLOBS)), 20, shape).map(({ key, x }) => (
					<ellipse
						key={key}
						cx={x}
						cy={y - 2}
						rx={6 + 9 * sight.mould}
						ry={4 + 2 * sight.mould}
						fill={key % 2 ? "var(--moss)" : "var(--ink)"}
						opacity="0.85"
					/>
				))}
		</g>
	);
}

function Lid({ sight, shape }: { readonly sight: Sight; readonly shape: Shape }) {
	const rim = FLOOR - shape.height;
	const half = shape.halfWidth(shape.height) + 8;
	const up = sight.shut ? 10 + 26 * sight.bulge : 6;
	const line = { stroke: "var(--ink)", strokeWidth: 2, strokeLinejoin: "round" as const };
	return (
		<path
			d={`M${MIDDLE - half} ${rim + 8}v-10q${half}-${up * 2} ${half * 2} 0v10z`}
			fill={sight.shut ? "var(--edge)" : "var(--honey-wash)"}
			{...line}
		/>
	);
}
