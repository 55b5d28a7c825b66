import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { BOOK, finding } from "../../testing/book";
import { serve, show, WORKING } from "../../testing/serve";
import { BookPage } from "./BookPage";
import { FactsPage } from "./FactsPage";
import { MethodPage } from "./MethodPage";
import { OwnMethodPage } from "./OwnMethodPage";
import { SchoolsPage } from "./SchoolsPage";

const LINE = { words: "a quarter stays empty", markWords: "common practice" };

function method(own = false) {
	return {
		card: { ...BOOK[0]?.methods[0], own },
		family: "Sugar ferments",
		parts: [
			{
				id: "plant",
				name: "Leaves",
				amount: "1 kg",
				basis: "by weight",
				choices: "soft leaves",
				markWords: "common practice",
				editable: true,
			},
		],
		makes: { words: "0.8 to 1.2 L from 1 kg of plant", markWords: "from memory" },
		vessel: [LINE],
		place: [{ words: "shade", markWords: "common practice" }],
		stages: [
			{ name: "Working", window: "7 to 10 days", markWords: "common practice", gas: "steady gas", care: "stir daily" },
		],
		steps: [{ words: "Chop it.", when: "NOW" }],
		slips: ["Cut too coarse."],
		claims: [{ words: "It carries growth.", belief: true, markWords: "believed" }],
		cautions: [{ at: "FEEDING", caution: { title: "Too much burns", words: "Try one plant first." } }],
		keeps: [{ words: "cool and dark: 180 days", markWords: "common practice" }],
		uses: [
			{
				target: "leaves",
				strength: "forbidden",
				span: "It spots.",
				markWords: "common practice",
				interval: "every 14 days",
				harvest: "Wait 3 days before picking",
				words: [],
			},
		],
		madeOf: [],
		goesInto: [{ id: "forest-heap", title: "Forest bran heap", school: "Bran and husks" }],
	};
}

const DRAFT = {
	fromId: "plant-juice-open",
	title: "Fermented plant juice",
	school: "Quick, stirred",
	parts: [{ id: "sugar", name: "Sugar", value: "1", unit: "kg", markWords: "common practice" }],
	stages: [{ id: "ferment", name: "Working", least: "7", most: "10", markWords: "common practice" }],
	uses: [{ target: "SOIL", words: "soil", water: "500", markWords: "common practice" }],
	findings: [],
	yaml: "format: 1\n",
	materials: [
		{ id: "nettles", name: "nettles", liquid: false },
		{ id: "own-juice", name: "Kelp juice", liquid: true },
	],
	per: "to the amounts above",
};

describe("BookPage", () => {
	it("lists methods by family, and the schools to compare", async () => {
		serve({ "GET /api/book": () => [200, BOOK], "GET /api/book/unreadable": () => [200, []] });
		show(<BookPage />);
		const family = within(await screen.findByRole("region", { name: "Sugar ferments" }));
		expect(family.getAllByRole("listitem")).toHaveLength(3);
		expect(family.getByRole("link", { name: "Fermented plant juice: 2 ways side by side" })).toHaveAttribute(
			"href",
			"/book/schools/plant-juice",
		);
	});

	it("tells of an own method that can't be read, and puts it away", async () => {
		let there = true;
		const sent = serve({
			"GET /api/book": () => [200, BOOK],
			"GET /api/book/unreadable": () => [
				200,
				there ? [{ id: "own-tea", title: "Broken tea: mine", why: "Line 2: a bracket is open." }] : [],
			],
			"POST /api/book/own/own-tea/retirement": () => {
				there = false;
				return [204, undefined];
			},
		});
		show(<BookPage />);
		expect(
			await screen.findByText(/Broken tea: mine.*can't be read any more.*Line 2: a bracket is open/),
		).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Put it away" }));
		await waitFor(() => expect(screen.queryByText(/Broken tea/)).toBeNull());
		expect(sent).toHaveLength(1);
	});

	it("takes in a method, or says with the server's words why not", async () => {
		let times = 0;
		const sent = serve({
			"GET /api/book": () => [200, BOOK],
			"GET /api/book/unreadable": () => [200, []],
			"POST /api/book/imports": () => {
				times += 1;
				return times === 1
					? [422, { status: 422, code: "broken-file", field: "text", detail: "Line 3: “pieces” is not known." }]
					: [200, { ...BOOK[0]?.methods[0], id: "own-juice", title: "Juice", school: "Mine" }];
			},
		});
		show(<BookPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Take in a method …" }));
		await userEvent.type(screen.getByRole("textbox", { name: "… or its text" }), "pieces");
		await userEvent.click(screen.getByRole("button", { name: "Import" }));
		expect(await screen.findByText("Line 3: “pieces” is not known.")).toBeVisible();
		expect(screen.getByRole("textbox", { name: "… or its text" })).toHaveValue("pieces");
		await userEvent.click(screen.getByRole("button", { name: "Import" }));
		expect(await screen.findByRole("link", { name: "Juice: Mine" })).toHaveAttribute("href", "/book/methods/own-juice");
		expect(sent).toHaveLength(2);
	});
});

describe("MethodPage", () => {
	it("reads like a recipe card: parts, steps, strengths, dangers, and where it goes on", async () => {
		serve({ "GET /api/book/methods/plant-juice-open": () => [200, method()] });
		show(<MethodPage />, "/book/methods/plant-juice-open", "/book/methods/:id");
		expect(await screen.findByRole("heading", { name: "Fermented plant juice" })).toBeVisible();
		expect(screen.getByRole("rowheader", { name: /Leaves soft leaves · by weight · common practice/ })).toBeVisible();
		expect(screen.getByText("forbidden")).toBeVisible();
		expect(screen.getByText(/It carries growth/)).toHaveTextContent("believed");
		expect(screen.getByText(/Try one plant first/)).toHaveTextContent("When feeding.");
		expect(screen.getByRole("link", { name: "Forest bran heap, bran and husks" })).toBeVisible();
		expect(screen.getByRole("link", { name: "As a file" })).toHaveAttribute(
			"href",
			"/api/book/methods/plant-juice-open/file?format=yaml",
		);
		expect(screen.queryByRole("button", { name: "Put it away" })).not.toBeInTheDocument();
	});

	it("puts an own method away", async () => {
		const sent = serve({
			"GET /api/book/methods/plant-juice-open": () => [200, method(true)],
			"POST /api/book/own/plant-juice-open/retirement": () => [204, null],
		});
		show(<MethodPage />, "/book/methods/plant-juice-open", "/book/methods/:id");
		await userEvent.click(await screen.findByRole("button", { name: "Put it away" }));
		expect(await screen.findByText("another view")).toBeVisible();
		expect(sent).toHaveLength(1);
	});
});

describe("SchoolsPage", () => {
	it("marks what schools differ in, in words too", async () => {
		const cell = (words: string) => ({ words, working: WORKING });
		serve({
			"GET /api/book/products/plant-juice/schools": () => [
				200,
				{
					product: "juice",
					schools: [
						{ id: "plant-juice-open", title: "Plant juice", name: "Quick" },
						{ id: "plant-juice-packed", title: "Plant juice", name: "Slow" },
					],
					rows: [
						{ aspect: "Ready after", differs: true, cells: [cell("7 days"), cell("14 days")] },
						{ aspect: "Vessel", differs: false, cells: [cell("jar"), cell("jar")] },
					],
				},
			],
		});
		show(<SchoolsPage />, "/book/schools/plant-juice", "/book/schools/:id");
		expect(await screen.findByRole("rowheader", { name: /They differ:\s*Ready after/ })).toBeVisible();
		expect(screen.getByRole("rowheader", { name: "Vessel" })).toBeVisible();
		expect(screen.getByRole("columnheader", { name: "Slow" })).toBeVisible();
	});
});

describe("OwnMethodPage", () => {
	it("tells what is odd while it is typed, and keeps it", async () => {
		const sent = serve({
			"GET /api/book/methods/plant-juice-open/draft": () => [200, DRAFT],
			"POST /api/book/drafts": (body) => {
				const sugar = (body as { amounts: { sugar: string } }).amounts.sugar;
				if (sugar === "much") {
					return [422, { status: 422, code: "unreadable", field: "amounts.sugar", detail: "“much” can't be read." }];
				}
				const odd = finding("own-sugar", "NOTE", "parts", "With less it rots more easily.");
				return [200, { ...DRAFT, findings: sugar === "0.5" ? [odd] : [] }];
			},
			"POST /api/book/own": () => [200, { ...BOOK[0]?.methods[0], id: "own-juice" }],
		});
		show(<OwnMethodPage />, "/book/methods/plant-juice-open/own", "/book/methods/:id/own");
		const sugar = await screen.findByRole("textbox", { name: "Sugar, kg" });
		await userEvent.clear(sugar);
		await userEvent.type(sugar, "much");
		expect(await screen.findByText("“much” can't be read.")).toBeVisible();
		await userEvent.clear(sugar);
		await userEvent.type(sugar, "0.5");
		expect(await screen.findByText(/With less it rots more easily/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Keep it in the book" }));
		expect(await screen.findByText("another view")).toBeVisible();
		expect(sent.at(-1)?.body).toMatchObject({
			fromId: "plant-juice-open",
			school: "My way",
			amounts: { sugar: "0.5" },
			windows: { ferment: { least: "7", most: "10" } },
		});
	});

	it("adds a part of the book, an own brew, and something that no book tells of", async () => {
		const sent = serve({
			"GET /api/book/methods/plant-juice-open/draft": () => [200, DRAFT],
			"POST /api/book/drafts": (body) =>
				(body as { added: { own?: { litre: string } }[] }).added.some((part) => part.own?.litre === "heavy")
					? [422, { status: 422, code: "unreadable", field: "added.1.litre", detail: "“heavy” can't be read." }]
					: [200, DRAFT],
			"POST /api/book/own": () => [200, { ...BOOK[0]?.methods[0], id: "own-juice" }],
		});
		show(<OwnMethodPage />, "/book/methods/plant-juice-open/own", "/book/methods/:id/own");
		await userEvent.click(await screen.findByRole("button", { name: "Add a part" }));
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Part 1" }), "Kelp juice");
		await userEvent.type(screen.getByRole("textbox", { name: "How much of part 1" }), "20 mL");
		await userEvent.click(screen.getByRole("button", { name: "Add a part" }));
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Part 2" }), "something of your own …");
		await userEvent.type(screen.getByRole("textbox", { name: "What it is called" }), "loft kelp");
		const litre = screen.getByRole("textbox", { name: "What a litre of it weighs" });
		await userEvent.type(litre, "heavy");
		await userEvent.type(screen.getByRole("textbox", { name: "How much of part 2" }), "50 g");
		expect(await screen.findByText("“heavy” can't be read.")).toBeVisible();
		await userEvent.clear(litre);
		await userEvent.type(litre, "400 g");
		const keep = screen.getByRole("button", { name: "Keep it in the book" });
		await waitFor(() => expect(keep).toBeEnabled());
		await userEvent.click(keep);
		expect(await screen.findByText("another view")).toBeVisible();
		expect(sent.at(-1)?.body).toMatchObject({
			added: [
				{ materialId: "own-juice", amount: "20 mL" },
				{ own: { name: "loft kelp", litre: "400 g", liquid: false }, amount: "50 g" },
			],
		});
	});

	it("keeps nothing that is refused", async () => {
		const burst = finding("own-lid", "REFUSE", "lids", "It would burst.");
		serve({
			"GET /api/book/methods/plant-juice-open/draft": () => [200, { ...DRAFT, findings: [burst] }],
			"POST /api/book/drafts": () => [200, { ...DRAFT, findings: [burst] }],
		});
		show(<OwnMethodPage />, "/book/methods/plant-juice-open/own", "/book/methods/:id/own");
		expect(await screen.findByText(/It would burst/)).toBeVisible();
		await waitFor(() => expect(screen.getByRole("button", { name: "Keep it in the book" })).toBeDisabled());
	});
});

describe("FactsPage", () => {
	it("tells the numbers of the craft with their marks", async () => {
		serve({
			"GET /api/book/facts": () => [
				200,
				{
					pages: [
						{ id: "water", title: "Water", lines: [{ words: "4 mg/L.", markWords: "published", source: "EPA" }] },
					],
					materials: [
						{
							name: "molasses",
							density: "1.4 kg/L",
							water: "22 %",
							sugar: "55 %",
							counted: "",
							markWords: "from memory",
						},
					],
					lids: [{ lid: "tight lid", cells: [{ gas: "slow gas", allowed: false }] }],
					oxygen: [{ temperature: "20 °C", saturation: "9.09 mg/L", source: "Benson" }],
				},
			],
		});
		show(<FactsPage />);
		expect(await screen.findByText(/4 mg\/L/)).toHaveTextContent("published · EPA");
		expect(screen.getByRole("cell", { name: "never" })).toBeVisible();
		expect(screen.getByRole("row", { name: /molasses 1.4 kg\/L 22 % 55 %/ })).toBeVisible();
	});
});
