export const WEAKEST = 4000;
/** A brew that may be poured nearly neat has the whole way down to no water on its dial; for others it ends at 1:10. */
const NEARLY_NEAT = 10;
/** Degrees from straight up; weak on the left, strong on the right. */
const SWEEP = 112;
export const RADIUS = 190;
export const MIDDLE = { x: 260, y: 236 };
const TICKS = [4000, 2000, 1000, 800, 500, 200, 100, 50, 20, 10, 5, 2, 0];
/** Ticks that would run into each other on the longer scale. */
const CROWDED = new Set([2000, 800]);
/** Where the keys stop. */
const STOPS = [
	4000, 3000, 2000, 1600, 1280, 1000, 900, 800, 700, 640, 600, 500, 450, 400, 350, 300, 256, 200, 150, 128, 100, 75, 50,
	40, 30, 20, 15, 10, 8, 5, 4, 3, 2, 1, 0,
];

/** A log scale from the weakest to the strongest; counted with the brew itself, so that it reaches down to no water. */
export class Scale {
	readonly strongest: number;

	constructor(strongestSafe: number) {
		this.strongest = strongestSafe < NEARLY_NEAT ? 0 : NEARLY_NEAT;
	}

	angleOf(water: number): number {
		const inside = Math.min(WEAKEST, Math.max(this.strongest, water));
		const share = Math.log((WEAKEST + 1) / (inside + 1)) / Math.log((WEAKEST + 1) / (this.strongest + 1));
		return -SWEEP + 2 * SWEEP * share;
	}

	waterAt(angle: number): number {
		const share = (Math.min(SWEEP, Math.max(-SWEEP, angle)) + SWEEP) / (2 * SWEEP);
		const exact = (WEAKEST + 1) * ((this.strongest + 1) / (WEAKEST + 1)) ** share - 1;
		const step = 10 ** Math.max(0, Math.floor(Math.log10(Math.max(1, exact))) - 1);
		return Math.round(exact / step) * step;
	}

	arc(fromWater: number, toWater: number): string {
		const from = pointAt(this.angleOf(fromWater), RADIUS);
		const to = pointAt(this.angleOf(toWater), RADIUS);
		const large = Math.abs(this.angleOf(toWater) - this.angleOf(fromWater)) > 180 ? 1 : 0;
		return `M${from.x.toFixed(1)} ${from.y.toFixed(1)}A${RADIUS} ${RADIUS} 0 ${large} 1 ${to.x.toFixed(1)} ${to.y.toFixed(1)}`;
	}

	ticks(): readonly number[] {
		return TICKS.filter((tick) => tick >= this.strongest && !(this.strongest === 0 && CROWDED.has(tick)));
	}
}

export function pointAt(angle: number, radius: number) {
	const radians = ((angle - 90) * Math.PI) / 180;
	return { x: MIDDLE.x + radius * Math.cos(radians), y: MIDDLE.y + radius * Math.sin(radians) };
}

type Span = { readonly strongest: number; readonly weakest: number };

/** So many stops at once with the page keys. */
const PAGE = 5;

/**
 * Where a key turns the dial to; none for any other key. Right and up are stronger, as on its face. The ends are those of the safe
 * span: no key leaps to where it burns.
 */
export function turned(key: string, water: number, span: Span): number | undefined {
	const strongest = new Scale(span.strongest).strongest;
	const stronger = STOPS.filter((stop) => stop < water && stop >= strongest);
	const weaker = STOPS.filter((stop) => stop > water).reverse();
	const after = (stops: readonly number[], most: number) => stops[Math.min(most, stops.length) - 1] ?? water;
	switch (key) {
		case "ArrowRight":
		case "ArrowUp":
			return after(stronger, 1);
		case "ArrowLeft":
		case "ArrowDown":
			return after(weaker, 1);
		case "PageUp":
			return after(stronger, PAGE);
		case "PageDown":
			return after(weaker, PAGE);
		case "Home":
			return span.weakest;
		case "End":
			return span.strongest;
		default:
			return undefined;
	}
}
