import type { Vessel } from "../api/types";
import { BIN, BOX, BUCKET, DRUM, JAR, type Shape, TRAY } from "./jarShape";
import type { Contents } from "./VesselDrawing";

export type Kind = Vessel["kind"];

/** The axis and the floor that every vessel is drawn on. */
export const MIDDLE = 130;
export const FLOOR = 372;

const SHAPES: Readonly<Record<Kind, Shape>> = { JAR, BUCKET, DRUM, BOX, TRAY, BIN };

export function shapeOf(kind: Kind): Shape {
	return SHAPES[kind];
}

const INSIDE: Readonly<Record<string, Contents>> = {
	SUGAR: "leaves",
	FOREST: "grains",
	BRAN: "grains",
	ANAEROBIC: "murk",
	SHELLS: "shells",
};

/** What a brew of a family looks like inside. */
export function contentsOf(family: string): Contents {
	return INSIDE[family] ?? "liquid";
}
