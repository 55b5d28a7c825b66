import { cleanup, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import { serve, show } from "../../testing/serve";
import { PlayPage } from "./PlayPage";
import { PracticePage } from "./PracticePage";
import { dayOf } from "./play";

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

const SCENE = {
	title: "The first jar",
	about: "A jar.",
	method: "Plant juice",
	family: "SUGAR",
	vessel: "JAR",
	days: 21,
	hour: 0,
	sight: SIGHT,
	seen: "a few bubbles, the lid bulges",
	noted: [],
	noticed: [],
	nextHour: 52,
	over: false,
	hands: [{ act: "STIRRED", todo: "stir" }],
};

const STORY = {
	ending: "TOO_SOON",
	well: false,
	headline: "You strained it about 5 days too soon.",
	what: ["Day 2: The first bubbles rise."],
	curves: [
		{
			name: "Sour",
			unit: "pH",
			points: Array.from({ length: 30 }, (_, index) => ({ day: index / 2, value: 6 - index / 15 })),
		},
	],
	doings: [
		{ day: 1, words: "stirred", ends: false },
		{ day: 1.2, words: "looked", ends: false },
		{ day: 4, words: "strained", ends: true },
	],
	oldHandEnds: { day: 9, words: "strained", ends: true },
	readyFrom: 8.5,
	costs: [{ amount: "5 days", words: "sooner than an old hand" }],
	take: "Strain before you wonder.",
};

type Asked = { hour: number; doings: { hour: number; kind: string; act?: string }[]; lesson: { id: string } };

function practice(replies = {}) {
	return serve({
		"GET /api/practice": () => [200, PRACTICE],
		"POST /api/practice/scenes": (body) => {
			const { hour, doings } = body as unknown as Asked;
			const noted = doings
				.filter((doing) => doing.kind === "LOOK")
				.map((doing) => ({ hour: doing.hour, words: ["Bubbles: a few"], warmth: "21 °C" }));
			return [200, { ...SCENE, hour, noted, over: doings.some((doing) => doing.kind === "STRAIN") }];
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
		expect(screen.getByRole("status")).toHaveTextContent("day 1 of 21");
		await userEvent.click(screen.getByRole("button", { name: "Look and smell" }));
		expect(await screen.findByText("Bubbles: a few · 21 °C")).toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "Until something shows" }));
		await userEvent.click(screen.getByRole("button", { name: "stir" }));
		await screen.findByText("Bubbles: a few · 21 °C");
		expect(asked(sent.at(-1)?.body)).toMatchObject({
			hour: 52,
			doings: [
				{ hour: 24, kind: "LOOK" },
				{ hour: 52, kind: "HANDS", act: "STIRRED" },
			],
		});
	});

	it("keeps how far it got until it is ended", async () => {
		practice();
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");
		await userEvent.click(await screen.findByRole("button", { name: "Three days on" }));
		cleanup();
		show(<PlayPage />, "/practice/first-jar", "/practice/:id");

		expect(await screen.findByText("day 3 of 21")).toBeInTheDocument();
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
		expect(await screen.findByText("day 0 of 21")).toBeInTheDocument();
	});

	it("sets any pot, with what goes wrong", async () => {
		const sent = practice();
		show(<PracticePage />);
		await userEvent.selectOptions(await screen.findByLabelText("What is made"), "nettle-tea");
		await userEvent.click(screen.getByLabelText("lid screwed tight"));
		await userEvent.click(screen.getByRole("button", { name: "Set this pot" }));
		show(<PlayPage />, "/practice/free", "/practice/:id");

		await screen.findByRole("img");
		expect(asked(sent.at(-1)?.body).lesson).toMatchObject({
			id: "free",
			methodId: "nettle-tea",
			celsius: 20,
			accidents: ["TIGHT_LID"],
		});
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

	it("tells hours only where they matter", () => {
		expect(dayOf(48, false)).toBe("day 2");
		expect(dayOf(30, false)).toBe("day 1, 6 h");
		expect(dayOf(24, true)).toBe("day 1, 0 h");
	});
});
