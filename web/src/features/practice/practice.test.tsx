import { cleanup, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import { serve, show } from "../../testing/serve";
import { PlayPage } from "./PlayPage";
import { PracticePage } from "./PracticePage";

const PRACTICE = {
	lessons: [
		{
			id: "first-jar",
			title: "The first jar",
			about: "A jar.",
			method: "Plant juice",
			days: 21,
			done: true,
			well: false,
		},
		{
			id: "cold-shed",
			title: "The cold shed",
			about: "Cold.",
			method: "Plant juice",
			days: 40,
			done: false,
			well: false,
		},
	],
	brews: [
		{ methodId: "plant-juice-open", title: "Plant juice, quick" },
		{ methodId: "nettle-tea", title: "Nettle liquid" },
	],
	accidents: [{ id: "TIGHT_LID", words: "lid screwed tight" }],
	warmths: [
		{ celsius: 12, words: "12 °C", usual: false },
		{ celsius: 20, words: "20 °C", usual: true },
	],
};

const SIGHT = {
	level: 0.7,
	liquid: 0.6,
	bubbles: 0.5,
	film: 0.5,
	mould: 0.2,
	threads: 0.5,
	curd: 0.6,
	foam: 0.5,
	dark: 0.4,
	bulge: 0.5,
	shut: true,
};

const POT = {
	name: "The pot",
	method: "Plant juice",
	family: "SUGAR",
	vessel: "JAR",
	sight: SIGHT,
	seen: "a few bubbles, the lid bulges",
	known: [] as { hour: number; when: string; words: string }[],
	works: true,
	canBeSet: false,
	canBePoured: false,
	takes: "Strain it",
	hands: [{ act: "STIRRED", todo: "stir" }],
};

const SCENE = {
	title: "The first jar",
	about: "A jar.",
	days: 21,
	hours: 504,
	when: "day 0",
	steps: [
		{ hours: 24, words: "A day on" },
		{ hours: 72, words: "Three days on" },
	],
	pots: [POT],
	nextHour: 52,
	over: false,
};

const BED = {
	sight: { scorched: 0.4, sticky: 1, wilting: 0.2, sun: 0.8 },
	seen: "brown, dry leaves, a high sun",
	doses: [
		{ parts: 0, words: "undiluted" },
		{ parts: 500, words: "1:500" },
	],
	ways: [
		{ way: "LEAF", words: "over the leaves" },
		{ way: "SOIL", words: "onto the soil" },
	],
};

const CHAPTER = {
	name: "The pot",
	ending: "TOO_SOON",
	headline: "You strained it about 5 days too soon.",
	what: ["Day 2: The first bubbles rise."],
	curves: [
		{
			name: "Sour",
			unit: "pH",
			range: "4 to 6",
			low: 4,
			high: 6,
			points: Array.from({ length: 30 }, (_, index) => ({ day: index / 2, value: 6 - index / 15 })),
		},
	],
	doings: [
		{ day: 1, words: "stirred", ends: false },
		{ day: 1.2, words: "looked", ends: false },
		{ day: 4, words: "strained", ends: true },
	],
	oldHand: [{ day: 9, words: "an old hand strains here", ends: true }],
	readyFrom: 8.5,
};

const STORY = {
	ending: "TOO_SOON",
	well: false,
	headline: "You strained it about 5 days too soon.",
	chapters: [{ chapter: CHAPTER, well: false }],
	costs: [{ amount: "5 days", words: "sooner than an old hand" }],
	take: "Strain before you wonder.",
};

type Asked = {
	hour: number;
	doings: { hour: number; pot: number; kind: string; act?: string }[];
	lesson: { id: string; yaml: string };
};

function practice(replies = {}) {
	return serve({
		"GET /api/practice": () => [200, PRACTICE],
		"POST /api/practice/scenes": (body) => {
			const { hour, doings } = body as unknown as Asked;
			const known = doings
				.filter((doing) => doing.kind === "LOOK")
				.map((doing) => ({ hour: doing.hour, when: "then", words: "Bubbles: a few" }));
			const over = doings.some((doing) => doing.kind === "STRAIN" || doing.kind === "LEAVE");
			return [200, { ...SCENE, when: `day ${hour / 24}`, pots: [{ ...POT, known }], over }];
		},
		"POST /api/practice/stories": () => [200, STORY],
		...replies,
	});
}

const asked = (body: unknown) => body as Asked;

describe("practice", () => {
	beforeEach(() => localStorage.clear());

	it("lists its lessons and how they ended", async () => {
		practice();
		show(<PracticePage />);

		const jar = await screen.findByRole("link", { name: /The first jar.*ended, not yet well/ });
		expect(jar).toHaveAttribute("href", "/practice/first-jar");
		expect(screen.getByText(/1 of 2 lessons/)).toBeInTheDocument();
		expect(screen.getByRole("link", { name: /The cold shed/ })).not.toHaveTextContent("ended");
	});

	it("winds time on and notes what is looked at", async () => {
		const sent = practice();
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");

		expect(await screen.findByRole("img", { name: "The pot: a few bubbles, the lid bulges" })).toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "A day on" }));
		await waitFor(() => expect(screen.getByRole("status")).toHaveTextContent("day 1 of 21 days"));
		await userEvent.click(screen.getByRole("button", { name: "Look and smell" }));
		expect(await screen.findByText("Bubbles: a few")).toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "Until something shows" }));
		await userEvent.click(screen.getByRole("button", { name: "stir" }));
		await screen.findByText("Bubbles: a few");
		expect(asked(sent.at(-1)?.body)).toMatchObject({
			hour: 52,
			doings: [
				{ hour: 24, pot: 0, kind: "LOOK" },
				{ hour: 52, pot: 0, kind: "HANDS", act: "STIRRED" },
			],
		});
	});

	it("keeps how far it got until it is ended", async () => {
		practice();
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");
		await userEvent.click(await screen.findByRole("button", { name: "Three days on" }));
		cleanup();
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");

		expect(await screen.findByText("day 3")).toBeInTheDocument();
	});

	it("tells at the end what happened inside, what it cost, and a sentence to take along", async () => {
		practice();
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");
		await userEvent.click(await screen.findByRole("button", { name: "Strain it" }));

		expect(await screen.findByRole("heading", { name: "The first jar: what happened inside" })).toBeInTheDocument();
		expect(screen.getByRole("heading", { name: STORY.headline })).toBeInTheDocument();
		expect(screen.getByText("5 days").closest("div")).toHaveTextContent("sooner than an old hand");
		expect(screen.getByText("an old hand strains here")).toBeInTheDocument();
		expect(screen.getByText(STORY.take)).toBeInTheDocument();
		await userEvent.click(screen.getByText("The same as a table"));
		expect(within(screen.getByRole("table")).getByRole("rowheader", { name: "3" })).toBeInTheDocument();
		expect(screen.getByRole("link", { name: "Next lesson" })).toHaveAttribute("href", "/practice/cold-shed");
		await userEvent.click(screen.getByRole("button", { name: "The same pot again" }));
		expect(await screen.findByText("day 0")).toBeInTheDocument();
	});

	it("sets any pot, with what goes wrong", async () => {
		const sent = practice({ "POST /api/practice/free": () => [200, { yaml: "id: free" }] });
		show(<PracticePage />);
		await userEvent.selectOptions(await screen.findByLabelText("What is made"), "nettle-tea");
		await userEvent.selectOptions(screen.getByLabelText("How warm it stands"), "12 °C");
		await userEvent.click(screen.getByLabelText("lid screwed tight"));
		await userEvent.click(screen.getByRole("button", { name: "Set this pot" }));
		await waitFor(() => expect(localStorage.getItem("practice lesson")).toBe('"id: free"'));
		expect(sent.at(-1)?.body).toMatchObject({ methodId: "nettle-tea", celsius: 12, accidents: ["TIGHT_LID"] });
		show(<PlayPage />, "/practice/free", "/practice/:id");

		await screen.findByRole("img");
		expect(asked(sent.at(-1)?.body).lesson).toEqual({ id: "free", yaml: "id: free" });
	});

	it("works on the pot that was chosen, and on no other", async () => {
		const two = [
			POT,
			{ ...POT, name: "The other", works: false, canBeSet: true, sight: undefined, seen: "not set yet" },
		];
		const sent = practice({ "POST /api/practice/scenes": () => [200, { ...SCENE, pots: two }] });
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");
		await userEvent.click(await screen.findByRole("button", { name: /The other/ }));

		expect(screen.getByRole("button", { name: /The other/ })).toHaveAttribute("aria-pressed", "true");
		expect(screen.getByRole("heading", { name: "What you know of The other" })).toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "Set it now" }));
		await waitFor(() => expect(asked(sent.at(-1)?.body).doings).toEqual([{ hour: 0, pot: 1, kind: "SET" }]));
	});

	it("tells in words what is new, of whichever pot, and nothing twice", async () => {
		const lid = { hour: 50, when: "day 2, 2 h", words: "The lid bulges." };
		const old = { hour: 10, when: "day 0, 10 h", words: "It begins to stink." };
		const bulging = { ...POT, name: "The other", known: [lid, old] };
		localStorage.setItem("practice first-jar", JSON.stringify({ doings: [], hour: 24 }));
		practice({ "POST /api/practice/scenes": () => [200, { ...SCENE, pots: [POT, bulging] }] });
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");

		await userEvent.click(await screen.findByRole("button", { name: "Three days on" }));
		expect(screen.getByRole("status")).toHaveTextContent("The other, day 2, 2 h: The lid bulges.");
		expect(screen.getByRole("status")).not.toHaveTextContent("stink");
	});

	it("says what a pot waits for", async () => {
		const waits = { ...POT, works: false, sight: undefined, seen: "not set yet" };
		practice({ "POST /api/practice/scenes": () => [200, { ...SCENE, pots: [waits] }] });
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");

		expect(await screen.findByText("It is begun with another pot, once that is strained.")).toBeInTheDocument();
	});

	it("pours on the bed as thin as was chosen", async () => {
		const bottle = { ...POT, works: false, canBePoured: true };
		const sent = practice({ "POST /api/practice/scenes": () => [200, { ...SCENE, pots: [bottle], bed: BED }] });
		show(<PlayPage />, "/practice/too-strong", "/practice/:id");
		expect(await screen.findByRole("img", { name: "The bed: brown, dry leaves, a high sun" })).toBeInTheDocument();
		await userEvent.selectOptions(screen.getByLabelText("How thin, one part to water"), "1:500");
		await userEvent.selectOptions(screen.getByLabelText("Where it goes"), "onto the soil");
		await userEvent.click(screen.getByRole("button", { name: "Pour it on the bed" }));
		await userEvent.click(screen.getByRole("button", { name: "That is all" }));

		await waitFor(() =>
			expect(asked(sent.at(-1)?.body).doings).toEqual([
				{ hour: 0, pot: 0, kind: "POUR", parts: 500, way: "SOIL" },
				{ hour: 0, pot: 0, kind: "LEAVE" },
			]),
		);
	});

	it("tells of each pot by itself, and first of one that did not end well", async () => {
		const well = { chapter: { ...CHAPTER, name: "The good one", headline: "It was well.", what: [] }, well: true };
		practice({
			"POST /api/practice/stories": () => [200, { ...STORY, chapters: [well, ...STORY.chapters] }],
		});
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");
		await userEvent.click(await screen.findByRole("button", { name: "Strain it" }));

		expect(await screen.findByRole("button", { name: /The pot/ })).toHaveAttribute("aria-pressed", "true");
		expect(screen.getByText("Day 2: The first bubbles rise.")).toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: /The good one/ }));
		expect(screen.queryByText("Day 2: The first bubbles rise.")).not.toBeInTheDocument();
	});

	it("reads a lesson that came as a file, or says what is wrong with it", async () => {
		const wrong = { title: "Not a value to use", status: 422, detail: "A lesson has no colour.", field: "yaml" };
		practice({ "POST /api/practice/files": () => [422, wrong] });
		show(<PracticePage />);
		const file = new File(["id: a\ncolour: red"], "lesson.yaml", { type: "application/yaml" });
		await userEvent.upload(await screen.findByLabelText("A lesson that you were given"), file);

		expect(await screen.findByText(/A lesson has no colour\./)).toBeInTheDocument();
	});

	it("asks to choose a pot where none was chosen", () => {
		practice();
		show(<PlayPage />, "/practice/free", "/practice/:id");

		expect(screen.getByRole("link", { name: "Choose one" })).toHaveAttribute("href", "/practice");
	});
});
