import type { Shape } from "./jarShape";
import { FLOOR, MIDDLE } from "./vesselKinds";

/** Words beside the levels of a vessel. */
export type VesselWords = {
	readonly lid: readonly string[];
	readonly headspace: string;
	readonly needed: string;
	readonly cap?: string;
	readonly mash: string;
	readonly settles: string;
	readonly under: string;
};

type Props = {
	readonly words: VesselWords;
	readonly mash: number;
	readonly top: number;
	readonly shape: Shape;
	readonly over: boolean;
	readonly rim: number;
};

/** The levels of a vessel, told beside it. */
export function VesselLabels({ words, mash, top, shape, over, rim }: Props) {
	const x = 256;
	const topY = FLOOR - top;
	const middle = (topY + rim) / 2;
	const capY = (FLOOR - mash + topY) / 2;
	const mashY = FLOOR - Math.max(mash * 0.45, 30);
	const headY = Math.min(Math.max(middle - 4, 66), mashY - 54);
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
			<Line x={x} y={headY} text={words.headspace} bold />
			<text x={x} y={headY + 18} fill={over ? "var(--brick)" : "var(--moss)"} fontWeight={over ? 700 : 400}>
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

function Line({ x, y, text, soft, bold }: LineProps) {
	return (
		<text x={x} y={y} fill={soft ? "var(--soft)" : "var(--ink)"} fontWeight={bold ? 700 : 400}>
			{text}
		</text>
	);
}

type PointedProps = { readonly x: number; readonly y: number; readonly from: number; readonly text: string };

function Pointed({ x, y, from, text }: PointedProps) {
	return (
		<>
			<path d={`M242 ${from}L${x - 4} ${y}`} stroke="var(--soft)" strokeWidth="1.5" />
			<Line x={x} y={y + 5} text={text} />
		</>
	);
}
