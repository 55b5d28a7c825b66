/** The inside of a vessel as a drawing: half its width at a height, both in drawing units, height counted from the floor. */
export type Shape = { readonly height: number; readonly halfWidth: (height: number) => number };

/** A preserving jar: round floor, straight wall, shoulder, neck. */
export const JAR: Shape = {
	height: 316,
	halfWidth(height) {
		if (height < 34) {
			return 74 + 34 * Math.sqrt(1 - ((34 - height) / 34) ** 2);
		}
		if (height < 216) {
			return 108;
		}
		if (height < 290) {
			const t = (height - 216) / 74;
			return 108 - 40 * t * t * (3 - 2 * t);
		}
		return 68;
	},
};

/** A bucket: wider at the rim. */
export const BUCKET: Shape = {
	height: 300,
	halfWidth: (height) => 82 + (30 * height) / 300,
};

/** A drum: straight, a little narrower at floor and rim. */
export const DRUM: Shape = {
	height: 310,
	halfWidth: (height) => (height < 12 || height > 298 ? 104 : 109),
};

/** A wooden box: straight walls. */
export const BOX: Shape = { height: 190, halfWidth: () => 112 };

/** A tray: low, wide, a little wider at the rim. */
export const TRAY: Shape = { height: 92, halfWidth: (height) => 108 + height / 14 };

/** A bin with a tap: straight with a wider rim. */
export const BIN: Shape = { height: 290, halfWidth: (height) => 92 + (10 * height) / 290 };

const SLICES = 400;

/** The height at which a share of the volume stands, by adding up round slices. */
export function heightOf(share: number, shape: Shape): number {
	const step = shape.height / SLICES;
	const areas = Array.from({ length: SLICES }, (_, slice) => shape.halfWidth((slice + 0.5) * step) ** 2);
	const wanted = Math.max(0, Math.min(1, share)) * areas.reduce((sum, area) => sum + area, 0);
	let filled = 0;
	for (let slice = 0; slice < SLICES; slice++) {
		const area = areas[slice] ?? 0;
		if (filled + area >= wanted) {
			return (slice + (area === 0 ? 0 : (wanted - filled) / area)) * step;
		}
		filled += area;
	}
	return shape.height;
}

/** The outline between two heights as an SVG path, `floor` being the y of height 0 and `middle` the x of the axis. */
export function slicePath(from: number, to: number, shape: Shape, middle: number, floor: number): string {
	const count = 120;
	const heights = Array.from({ length: count + 1 }, (_, index) => from + ((to - from) * index) / count);
	const point = (height: number, side: number) =>
		`${(middle + side * shape.halfWidth(height)).toFixed(1)},${(floor - height).toFixed(1)}`;
	const right = heights.map((height) => point(height, 1));
	const left = heights.toReversed().map((height) => point(height, -1));
	return `M${[...right, ...left].join("L")}Z`;
}
