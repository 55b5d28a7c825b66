import type { Bottle, Danger, Pot } from "../api/types";
import { amount, WORKING } from "./serve";

export const VERDICT: Pot["verdict"] = {
	kind: "NOT_YET",
	headline: "Not yet: about 2 more days",
	reasons: ["It smells as it should."],
	advice: [],
	limits: [],
	rescuable: false,
	working: WORKING,
};

/** Its lid bulges. */
export const DANGER: Danger = {
	potId: "p1",
	code: "J4",
	name: "Dock juice",
	place: "Shelf",
	todo: "Let the gas out now",
	words: ["The lid bulges.", "Vent it now, away from your face."],
	act: "VENTED",
	did: "vented",
	throwAway: false,
};

/** It grew coloured mould. */
export const SPOILT: Danger = {
	...DANGER,
	todo: "Throw it away",
	words: ["Coloured mould.", "Bury it."],
	act: undefined,
	did: "",
	throwAway: true,
};

/** A jar of dock juice that works, with whatever a test wants different. */
export function pot(changes: Partial<Pot> = {}): Pot {
	return {
		summary: {
			id: "p1",
			name: "Dock juice",
			code: "J4",
			vesselKind: "JAR",
			waterStanding: false,
			family: "SUGAR",
			title: "Fermented plant juice",
			school: "Quick, stirred",
			placeId: "s1",
			place: "Shelf",
			setAt: "2026-05-14T08:10:00Z",
			day: 7,
			standingShare: 0.4,
			forecast: { ripeness: 0.7, words: "Fri 22 May", reason: "", working: WORKING },
			checks: [],
			verdict: "NOT_YET",
			headline: "Not yet",
			urgent: false,
			careDue: "2026-05-20T07:00:00Z",
		},
		methodId: "plant-juice-open",
		vesselId: "v4",
		state: "WORKING",
		ended: "",
		contents: ["380 g of leaves", "380 g of raw sugar"],
		since: "",
		origin: "",
		decisions: [],
		dangers: [],
		cautions: [],
		capacity: "1.5 L",
		lid: "loose lid",
		lids: [
			{ id: "LOOSE", words: "loose lid" },
			{ id: "AIRLOCK", words: "airlock" },
		],
		capShare: 0,
		neededShare: 0.25,
		standing: WORKING,
		stageName: "Working in the jar",
		exit: "STRAIN",
		care: "stir daily",
		due: [],
		tasks: [],
		usualAct: "STIRRED",
		acts: [
			{ act: "LOOKED", words: "looked" },
			{ act: "STIRRED", words: "stirred" },
		],
		senses: [
			{ sense: "bubbles", question: "Bubbles", signs: [{ id: "few-bubbles", words: "a few" }] },
			{ sense: "smell", question: "Smell", signs: [{ id: "sweet-sour", words: "sweet-sour" }] },
		],
		meters: [
			{ meter: "THERMOMETER", words: "warmth", unit: "°C", standIn: true },
			{ meter: "PH", words: "pH", unit: "", standIn: true },
		],
		verdict: VERDICT,
		sums: [],
		chart: { warmth: [], series: [], limits: [] },
		log: [
			{
				id: "c1",
				kind: "VISIT",
				at: "2026-05-19T08:10:00Z",
				act: "stirred",
				words: ["smell rotten"],
				signs: {},
				struck: false,
				correction: false,
				strikable: true,
			},
		],
		bottling: {
			solid: false,
			expected: amount("380 mL"),
			most: amount("670 mL"),
			bottle: amount("447 mL"),
			keeps: [{ id: "fridge", words: "in the fridge", days: "365 days", markWords: "common practice" }],
			cautions: [{ title: "Alive", words: "Leave the cap loose." }],
			poured: true,
		},
		toppedUp: false,
		line: { from: [], bottles: [], into: [], next: [] },
		...changes,
	};
}

export const BOTTLE: Bottle = {
	id: "b1",
	code: "P3",
	name: "Pea-shoot juice",
	batchId: "p1",
	level: "620 mL",
	also: "21 fl oz",
	levelWorking: WORKING,
	levelShare: 0.97,
	colour: "AMBER",
	useBy: "2027-04-22",
	useByWords: "keeps to 22 Apr 2027",
	useByWorking: WORKING,
	freshness: "FRESH",
	keptWords: "cool and dark",
	labelLine: "P3 · Pea-shoot juice",
	soilOnly: false,
	nothingEdible: false,
	place: "Cold box",
	productId: "plant-juice",
	poured: true,
	targets: [
		{ target: "SOIL", words: "soil" },
		{ target: "SEEDLINGS", words: "seedlings" },
		{ target: "LEAVES", words: "leaves" },
	],
};
