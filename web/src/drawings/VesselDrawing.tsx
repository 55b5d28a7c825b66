import { heightOf, type Shape, slicePath } from "./jarShape";
import { VesselLabels, type VesselWords } from "./VesselLabels";
import { FLOOR, type Kind, MIDDLE, shapeOf } from "./vesselKinds";

/** What it looks like inside. */
export type Contents = "leaves" | "liquid" | "grains" | "murk" | "shells";

type Props = {
	readonly kind: Kind;
	readonly contents: Contents;
	readonly mashShare: number;
	readonly capShare: number;
	readonly neededShare: number;
	readonly over: boolean;
	readonly breathing: boolean;
	/** Words beside the levels; left out for a small drawing. */
	readonly words?: VesselWords;
	readonly title: string;
};

const FILL: Readonly<Record<Contents, string>> = {
	leaves: "var(--leaf)",
	liquid: "var(--water)",
	grains: "var(--honey-wash)",
	murk: "var(--leaf-deep)",
	shells: "var(--water)",
};

/** A vessel in cross-section, filled to the given shares of its capacity. */
export function VesselDrawing({
	kind,
	contents,
	mashShare,
	capShare,
	neededShare,
	over,
	breathing,
	words,
	title,
}: Props) {
	const shape = shapeOf(kind);
	const mash = heightOf(mashShare, shape);
	const top = heightOf(mashShare + capShare, shape);
	const line = heightOf(1 - neededShare, shape);
	const rim = FLOOR - shape.height;
	return (
		<svg className="drawing" viewBox={`0 0 ${words ? 424 : 260} 412`} role="img" aria-label={title}>
			<defs>
				<pattern id="foam-room" width="8" height="8" patternTransform="rotate(40)" patternUnits="userSpaceOnUse">
					<path d="M0 0v8" stroke="var(--edge)" strokeWidth="1.2" />
				</pattern>
			</defs>
			<path d={slicePath(0, shape.height, shape, MIDDLE, FLOOR)} fill="var(--raised)" />
			{top < shape.height && (
				<path d={slicePath(top, shape.height, shape, MIDDLE, FLOOR)} fill="url(#foam-room)" opacity="0.55" />
			)}
			<path d={slicePath(0, mash, shape, MIDDLE, FLOOR)} fill={FILL[contents]} />
			{capShare > 0 && <path d={slicePath(mash, top, shape, MIDDLE, FLOOR)} fill="var(--honey)" opacity="0.75" />}
			<Texture contents={contents} height={mash} shape={shape} />
			<path
				d={slicePath(0, shape.height, shape, MIDDLE, FLOOR)}
				fill="none"
				stroke="var(--ink)"
				strokeWidth="2.6"
				strokeLinejoin="round"
			/>
			<Fittings kind={kind} shape={shape} />
			<path
				d={`M${MIDDLE - shape.halfWidth(line) - 7},${FLOOR - line}H${MIDDLE + shape.halfWidth(line) + 7}`}
				stroke={over ? "var(--brick)" : "var(--moss)"}
				strokeWidth="2"
				strokeDasharray="6 4"
			/>
			{breathing ? <ClothLid rim={rim} shape={shape} /> : <TightLid rim={rim} shape={shape} />}
			{words && <VesselLabels words={words} mash={mash} top={top} shape={shape} over={over} rim={rim} />}
		</svg>
	);
}

const ROW = 46;

function Texture({ contents, height, shape }: { contents: Contents; height: number; shape: Shape }) {
	const rows = Math.floor(height / ROW);
	const ys = Array.from({ length: rows }, (_, row) => ({ y: FLOOR - 28 - row * ROW, shift: row % 2 === 0 ? 0 : 24 }));
	if (contents === "liquid") {
		return null;
	}
	if (contents === "grains") {
		const inset = shape.halfWidth(0) - 26;
		return (
			<g fill="var(--honey-deep)" opacity="0.55">
				{ys.map(({ y, shift }) =>
					[-1, -0.5, 0, 0.5, 0.85].map((at) => (
						<ellipse key={`${y} ${at}`} cx={MIDDLE + at * inset + shift / 3} cy={y + shift / 3} rx="5" ry="2.6" />
					)),
				)}
			</g>
		);
	}
	if (contents === "shells") {
		return (
			<g stroke="var(--ink)" strokeWidth="1.6" fill="var(--raised)">
				{[-60, -28, 6, 38, 66].map((dx, index) => (
					<path key={dx} d={`M${MIDDLE + dx - 12} ${FLOOR - 10 - (index % 2) * 12}q12-16 24 0q-6 6-12 3t-12-3z`} />
				))}
			</g>
		);
	}
	return (
		<g
			stroke={contents === "murk" ? "var(--raised)" : "var(--moss)"}
			strokeWidth="2.2"
			fill="none"
			strokeLinecap="round"
			opacity={contents === "murk" ? 0.6 : 1}
		>
			{ys.map(({ y, shift }) => (
				<path key={y} d={`M${64 + shift} ${y}c14-10 22 6 34-4M${134 + shift} ${y - 14}c12-10 22 6 34-3`} />
			))}
		</g>
	);
}

/** What makes a shape known at a glance: hoops of a drum, boards of a box, the tap of a bin. */
function Fittings({ kind, shape }: { kind: Kind; shape: Shape }) {
	const line = { stroke: "var(--ink)", strokeWidth: 1.6, fill: "none" };
	const half = shape.halfWidth(shape.height / 2);
	if (kind === "DRUM") {
		return (
			<g {...line}>
				{[0.33, 0.66].map((at) => (
					<path key={at} d={`M${MIDDLE - half} ${FLOOR - shape.height * at}q${half} 12 ${half * 2} 0`} />
				))}
			</g>
		);
	}
	if (kind === "BOX") {
		return (
			<g {...line}>
				{[0.33, 0.66].map((at) => (
					<path key={at} d={`M${MIDDLE - half} ${FLOOR - shape.height * at}h${half * 2}`} opacity="0.5" />
				))}
			</g>
		);
	}
	if (kind === "BIN") {
		return (
			<g {...line} fill="var(--edge)">
				<path d={`M${MIDDLE + shape.halfWidth(30)} ${FLOOR - 34}h18v6h8v12h-6v-6h-20z`} />
			</g>
		);
	}
	return null;
}

function ClothLid({ rim, shape }: { readonly rim: number; readonly shape: Shape }) {
	const half = shape.halfWidth(shape.height) + 12;
	const left = MIDDLE - half;
	const right = MIDDLE + half;
	return (
		<g>
			<path
				d={`M${left} ${rim + 2}c${half * 0.3}-16 ${half * 1.7}-16 ${half * 2} 0l-5 19c-${half * 0.5}-8-${half * 1.4}-8-${half * 2 - 10} 0z`}
				fill="var(--honey-wash)"
				stroke="var(--ink)"
				strokeWidth="2"
				strokeLinejoin="round"
			/>
			<path
				d={`M${left + 4} ${rim + 15}c${half * 0.5}-9 ${half * 1.4}-9 ${right - left - 8} 0`}
				stroke="var(--clay)"
				strokeWidth="4"
				fill="none"
			/>
		</g>
	);
}

function TightLid({ rim, shape }: { readonly rim: number; readonly shape: Shape }) {
	const half = shape.halfWidth(shape.height) + 9;
	return (
		<g stroke="var(--ink)" strokeWidth="2">
			<rect x={MIDDLE - half} y={rim - 12} width={half * 2} height={24} rx={6} fill="var(--edge)" />
			<path d={`M${MIDDLE - half + 8} ${rim}h${half * 2 - 16}`} strokeDasharray="3 6" />
		</g>
	);
}
