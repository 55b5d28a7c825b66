import type { Bottle } from "../api/types";
import { brewColour } from "./brewColour";

type Props = {
	readonly kind: "can" | "drip" | "hand" | "back";
	readonly mixShare: number;
	readonly brewShare: number;
	readonly colour: Bottle["colour"] | undefined;
	readonly words: string;
};

/** Brew is often too thin to see: it is drawn at least this high. */
const THINNEST = 6;

/** A can, a sprayer or a drip tank with one filling, the brew as a layer on the water, in its colour. */
export function CanDrawing({ kind, mixShare, brewShare, colour, words }: Props) {
	const floor = 157;
	const height = 100 * mixShare;
	const brew = Math.max(THINNEST, height * brewShare);
	const body =
		kind === "can"
			? "M70 50h110l8 108H62z"
			: kind === "drip"
				? "M60 54h136v104H60z"
				: kind === "back"
					? "M74 46h102c10 0 16 8 16 18v94H58V64c0-10 6-18 16-18z"
					: "M82 62h84c9 0 14 6 14 15v66c0 10-5 15-14 15H82c-9 0-14-5-14-15V77c0-9 5-15 14-15z";
	return (
		<svg className="drawing" viewBox="0 0 272 176" role="img" aria-label={`${WORDS[kind]}, filled with ${words}`}>
			<clipPath id="can-body">
				<path d={body} />
			</clipPath>
			{PARTS[kind]}
			<path d={body} fill="var(--raised)" />
			<g clipPath="url(#can-body)">
				<rect x="50" y={floor - height} width="160" height={height + 2} fill="var(--water)" />
				<rect x="50" y={floor - height} width="160" height={brew} fill={brewColour(colour)} />
				{/* A clear brew would not be told from the water. */}
				<path d={`M50 ${floor - height + brew}h160`} stroke="var(--ink)" strokeWidth="1.2" />
			</g>
			<path d={body} fill="none" stroke="var(--ink)" strokeWidth="2.4" strokeLinejoin="round" />
			<text
				x="125"
				y="132"
				textAnchor="middle"
				fontFamily="var(--display)"
				fontSize="27"
				fontWeight="600"
				fill="var(--ink)"
			>
				{words}
			</text>
		</svg>
	);
}

function CanParts() {
	return (
		<g fill="none" stroke="var(--ink)">
			<path d="M184 116l52-50 10 10-58 62" fill="var(--raised)" strokeWidth="2.4" />
			<path d="M230 58l22 22" strokeWidth="5" strokeLinecap="round" />
			<path d="M66 70c-44-6-44 70-4 74" strokeWidth="5" />
			<path d="M84 50c6-30 76-30 82 0" strokeWidth="4" />
		</g>
	);
}

function SprayerParts() {
	return (
		<g fill="none" stroke="var(--ink)" strokeLinecap="round">
			<path d="M124 62V26M104 24h40" strokeWidth="5" />
			<path d="M178 84c34 2 26-46 50-48" strokeWidth="3.4" />
			<path d="M226 36l26-10" strokeWidth="6" />
			<path d="M258 16l8-5M260 24l9-1M258 31l8 4" strokeWidth="2" />
		</g>
	);
}

function BackParts() {
	return (
		<g fill="none" stroke="var(--ink)" strokeLinecap="round">
			<path d="M92 46V30h66v16" strokeWidth="4" />
			<path d="M58 70c-22 8-22 70 0 78M192 70c10 4 14 20 14 38" strokeWidth="4" />
			<path d="M192 146c40 6 26-70 48-84l16-10" strokeWidth="3.4" />
			<path d="M258 42l8-5M260 52l9-1" strokeWidth="2" />
		</g>
	);
}

function DripParts() {
	return (
		<g fill="none" stroke="var(--ink)" strokeLinecap="round">
			<path d="M54 54h148" strokeWidth="5" />
			<path d="M196 148h20v14h40" strokeWidth="3.4" />
			<path d="M224 168v3M238 168v3M252 168v3" strokeWidth="3" />
		</g>
	);
}

const WORDS = { can: "Watering can", drip: "Drip tank", hand: "Hand sprayer", back: "Back sprayer" } as const;
const PARTS = { can: <CanParts />, drip: <DripParts />, hand: <SprayerParts />, back: <BackParts /> } as const;
