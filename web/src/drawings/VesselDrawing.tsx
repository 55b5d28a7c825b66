import type { ReactNode } from "react";
import { BUCKET, heightOf, JAR, type Shape, slicePath } from "./jarShape";

type Props = {
	readonly kind: "JAR" | "BUCKET";
	readonly mashShare: number;
	readonly capShare: number;
	readonly neededShare: number;
	readonly over: boolean;
	readonly breathing: boolean;
	/** Words beside the levels; left out for a small drawing. */
	readonly words?: {
		readonly lid: readonly string[];
		readonly headspace: string;
		readonly needed: string;
		readonly cap?: string;
		readonly mash: string;
		readonly settles: string;
		readonly under: string;
	};
	readonly title: string;
};

const MIDDLE = 130;
const FLOOR = 372;

/** A vessel in cross-section, filled to the given shares of its capacity. */
export function VesselDrawing({ kind, mashShare, capShare, neededShare, over, breathing, words, title }: Props) {
	const shape = kind === "JAR" ? JAR : BUCKET;
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
			<path d={slicePath(0, mash, shape, MIDDLE, FLOOR)} fill="var(--leaf)" />
			{capShare > 0 && <path d={slicePath(mash, top, shape, MIDDLE, FLOOR)} fill="var(--honey)" opacity="0.75" />}
			<Leaves height={mash} />
			<path
				d={slicePath(0, shape.height, shape, MIDDLE, FLOOR)}
				fill="none"
				stroke="var(--ink)"
				strokeWidth="2.6"
				strokeLinejoin="round"
			/>
			<path
				d={`M${MIDDLE - shape.halfWidth(line) - 7},${FLOOR - line}H${MIDDLE + shape.halfWidth(line) + 7}`}
				stroke={over ? "var(--brick)" : "var(--moss)"}
				strokeWidth="2"
				strokeDasharray="6 4"
			/>
			{breathing ? <ClothLid rim={rim} shape={shape} /> : <TightLid rim={rim} shape={shape} />}
			{words && <Labels words={words} mash={mash} top={top} shape={shape} over={over} rim={rim} />}
		</svg>
	);
}

function Leaves({ height }: { readonly height: number }) {
	const rows = Math.floor(height / 46);
	return (
		<g stroke="var(--moss)" strokeWidth="2.2" fill="none" strokeLinecap="round">
			{Array.from({ length: rows }, (_, row) => {
				const y = FLOOR - 28 - row * 46;
				const shift = row % 2 === 0 ? 0 : 24;
				return <path key={y} d={`M${64 + shift} ${y}c14-10 22 6 34-4M${134 + shift} ${y - 14}c12-10 22 6 34-3`} />;
			})}
		</g>
	);
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

type LabelProps = {
	readonly words: NonNullable<Props["words"]>;
	readonly mash: number;
	readonly top: number;
	readonly shape: Shape;
	readonly over: boolean;
	readonly rim: number;
};

function Labels({ words, mash, top, shape, over, rim }: LabelProps) {
	const x = 256;
	const topY = FLOOR - top;
	const middle = (topY + rim) / 2;
	const capY = (FLOOR - mash + topY) / 2;
	const mashY = FLOOR - Math.max(mash * 0.45, 30);
	return (
		<g fontFamily="var(--text)" fontSize="14" fill="var(--ink)">
			{words.lid.map((line, index) => (
				<Line key={line} x={x} y={26 + index * 17} text={line} soft />
			))}
			{top < shape.height && (
				<path
					d={`M246 ${rim + 4}v${topY - rim - 6}M242 ${rim + 4}h8M242 ${topY - 2}h8`}
					stroke="var(--soft)"
					strokeWidth="1.5"
					fill="none"
				/>
			)}
			<Line x={x} y={Math.max(middle - 4, 66)} text={words.headspace} bold />
			<text
				x={x}
				y={Math.max(middle + 14, 84)}
				fill={over ? "var(--brick)" : "var(--moss)"}
				fontWeight={over ? 700 : 400}
			>
				{words.needed}
			</text>
			{words.cap && <Pointed x={x} y={Math.max(capY, 108)} from={capY} text={words.cap} />}
			<Line x={x} y={mashY} text={words.mash} bold />
			<Line x={x} y={mashY + 18} text={words.settles} soft />
			<text x={MIDDLE} y={400} textAnchor="middle" fill="var(--soft)">
				{words.under}
			</text>
		</g>
	);
}

type LineProps = {
	readonly x: number;
	readonly y: number;
	readonly text: string;
	readonly soft?: boolean;
	readonly bold?: boolean;
};

function Line({ x, y, text, soft, bold }: LineProps): ReactNode {
	return (
		<text x={x} y={y} fill={soft ? "var(--soft)" : "var(--ink)"} fontWeight={bold ? 700 : 400}>
			{text}
		</text>
	);
}

function Pointed({
	x,
	y,
	from,
	text,
}: {
	readonly x: number;
	readonly y: number;
	readonly from: number;
	readonly text: string;
}) {
	return (
		<>
			<path d={`M242 ${from}L${x - 4} ${y}`} stroke="var(--soft)" strokeWidth="1.5" />
			<Line x={x} y={y + 5} text={text} />
		</>
	);
}
