import type { Bottle } from "../api/types";
import { brewColour } from "./brewColour";

type Props = {
	/** How much of what was filled is left, 0 to 1. */
	readonly share: number;
	readonly colour: Bottle["colour"] | undefined;
	readonly width?: number;
	readonly past?: boolean;
};

const FLOOR = 64.5;
const FULL = 24;

/** A bottle filled to its level, in the colour of its brew. */
export function BottleDrawing({ share, colour, width = 40, past = false }: Props) {
	const level = FLOOR - Math.max(0, Math.min(1, share)) * (FLOOR - FULL);
	return (
		<svg width={width} height={(width * 68) / 40} viewBox="0 0 40 68" aria-hidden="true">
			<path d={BODY} fill="var(--raised)" />
			<clipPath id={`bottle-${Math.round(share * 1000)}`}>
				<path d={BODY} />
			</clipPath>
			<rect
				x="3"
				y={level}
				width="34"
				height={FLOOR - level + 1}
				fill={past ? "var(--plum)" : brewColour(colour)}
				clipPath={`url(#bottle-${Math.round(share * 1000)})`}
			/>
			<path d={BODY} fill="none" stroke="var(--ink)" strokeWidth="1.8" />
			<path d="M14 2h12" stroke="var(--clay)" strokeWidth="3" />
		</svg>
	);
}

const BODY = "M14 2h12v12c8 5 10 10 10 16v28c0 5-2 7-7 7H11c-5 0-7-2-7-7V30c0-6 2-11 10-16z";
