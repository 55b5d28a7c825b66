import { amount, WORKING } from "./serve";

const CARD = {
	title: "Fermented plant juice",
	product: "plant-juice",
	does: "stirred",
	costs: "Daily.",
	window: "7 to 10 days",
	main: "Leaves and shoots",
	mainId: "plant",
	solid: false,
	own: false,
	schools: 2,
};

/** Two schools of one brew, and a brew with one. */
export const BOOK = [
	{
		id: "SUGAR",
		title: "Sugar ferments",
		about: "Drawn out with sugar.",
		methods: [
			{ ...CARD, id: "plant-juice-open", school: "Quick, stirred" },
			{ ...CARD, id: "plant-juice-packed", school: "Slow, packed" },
			{ ...CARD, id: "fish-amino", school: "Fish in sugar", title: "Fish amino acids", product: "fish", schools: 1 },
		],
	},
];

export function finding(rule: string, severity: string, concerns: string, words: string) {
	return { rule, severity, concerns, words, working: WORKING };
}

const PART = { materialId: "m", material: "leaves", also: [], scales: true, choices: [] };

/** A recipe as the server would work it out. */
export function recipe(changes: Record<string, unknown> = {}) {
	return {
		methodId: "plant-juice-open",
		family: "SUGAR",
		productId: "plant-juice",
		title: "Fermented plant juice",
		school: "Quick, stirred",
		care: "stir daily",
		amounts: [
			{ ...PART, id: "plant", name: "Leaves and shoots", amount: amount("640 g") },
			{
				...PART,
				id: "sugar",
				name: "Sugar",
				materialId: "raw-sugar",
				material: "raw sugar",
				amount: amount("640 g", "1 lb"),
				also: ["3 cups (US)"],
				choices: [
					{ id: "raw-sugar", words: "raw sugar", asked: true },
					{ id: "white-sugar", words: "white sugar", asked: false },
				],
			},
		],
		read: {},
		leftovers: [],
		makes: amount("640 mL", "512 mL – 768 mL"),
		feeds: amount("321 L of feed at 1:500"),
		targets: [
			{ id: "SOIL", words: "soil", strength: "1:500" },
			{ id: "LEAVES", words: "leaves", strength: "1:800" },
		],
		contents: amount("1.28 kg"),
		vessel: { id: "v1", code: "J7", kind: "JAR", kindWords: "jar", capacity: "3 L" },
		split: "",
		lid: {
			id: "LOOSE",
			words: "loose lid",
			options: [
				{ id: "LOOSE", words: "loose lid", asked: true },
				{ id: "TIGHT", words: "tight lid", asked: false },
			],
		},
		place: { id: "s1", name: "Galley shelf", temperature: "19.5 °C" },
		filling: {
			mashShare: 0.6,
			capShare: 0,
			settledShare: 0.3,
			headspaceShare: 0.4,
			neededShare: 0.25,
			headspace: "40 %",
			needed: "25 %",
			settles: "sinks to 30 % by day 2",
			working: WORKING,
		},
		setAt: "2026-05-20T08:10:00Z",
		forecast: {
			ripeness: 0,
			early: "2026-05-28T08:10:00Z",
			late: "2026-06-01T08:10:00Z",
			words: "Thu 28 May – Mon 1 June",
			reason: "Because of the shelf.",
			working: WORKING,
		},
		findings: [],
		refused: false,
		crossChecks: [],
		steps: [{ words: "Chop it.", clock: "today 9:10", hurry: "within the hour" }],
		slips: ["Cut too coarse."],
		picking: [{ title: "Know your plant", words: "Never hemlock." }],
		setting: [{ title: "Gas", words: "Never screw a lid on." }],
		working: [],
		...changes,
	};
}
