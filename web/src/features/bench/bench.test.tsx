import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { serve, show, WORKING } from "../../testing/serve";
import { BenchPage } from "./BenchPage";
import { remember } from "./history";
import { InstrumentPage } from "./InstrumentPage";

const INSTRUMENTS = [
	{
		id: "sugar",
		title: "Sugar for keeping",
		asks: "How well does so much sugar keep it?",
		shown: { activity: 0.92 },
		entries: [
			{ id: "mass", label: "What is to be kept", usual: "1 kg", hint: "its weight", choices: [] },
			{
				id: "water",
				label: "Water in it",
				usual: "85",
				hint: "",
				choices: [],
				turn: { least: 20, most: 98, step: 1, unit: "%" },
			},
			{
				id: "kind",
				label: "Kind of sugar",
				usual: "pure",
				hint: "",
				choices: [
					{ id: "pure", words: "pure sucrose" },
					{ id: "molasses", words: "molasses" },
				],
			},
		],
	},
	{ id: "ratio", title: "Ratio reader", asks: "What does this strength mean?", shown: {}, entries: [] },
];

function line(name: string, factor: number) {
	return { name, points: Array.from({ length: 41 }, (_, x) => ({ x, y: x * factor })) };
}

const ANSWER = {
	headline: "Water activity 0.921: bacteria can grow in it.",
	working: WORKING,
	shown: { activity: 0.921, more: 121 },
	results: [
		{ id: "activity", name: "water activity", value: 0.921, text: "0.921" },
		{ id: "more", name: "still to add", value: 121, text: "121 g" },
	],
	remarks: [
		{ kind: "DANGER", words: "It foams." },
		{ kind: "ASSUMED", words: "All sugars count as sucrose." },
		{ kind: "NOTE", words: "It keeps." },
		{ kind: "WARNING", words: "It may ferment." },
	],
	chart: {
		title: "Water activity by parts of sugar",
		x: "parts",
		y: "water activity",
		lines: [line("this mixture", 2)],
		limits: [{ name: "bacteria stop", y: 0.91 }],
		here: { x: 1, y: 0.92 },
	},
	read: {},
	handOvers: [
		{ kind: "START_POT", words: "Set a juice", values: { method: "plant-juice-packed", "in.plant": "1000 g" } },
		{ kind: "STRENGTH", words: "Take it to the can", values: { strength: "1:500" } },
		{ kind: "NOTE", words: "Note it at a pot", values: { note: "Water activity 0.921" } },
	],
};

function bench(replies = {}) {
	return serve({
		"GET /api/bench": () => [200, INSTRUMENTS],
		"POST /api/bench/sugar": () => [200, ANSWER],
		"GET /api/bench/sugar/sources": () => [200, [{ words: "J4 Pea-shoot juice", values: { mass: "380 g" } }]],
		"GET /api/pots": () => [200, [{ id: "p1", code: "J4", name: "Pea-shoot juice" }]],
		...replies,
	});
}

function open(search = "") {
	show(<InstrumentPage />, `/bench/sugar${search}`, "/bench/:id");
}

describe("the bench", () => {
	beforeEach(() => localStorage.clear());

	it("lays out its instruments, each with its question and picture", async () => {
		bench();
		show(<BenchPage />);

		const card = await screen.findByRole("link", { name: /Sugar for keeping.*How well does so much sugar/ });
		expect(card).toHaveAttribute("href", "/bench/sugar");
		expect(within(card).getByRole("img")).toBeInTheDocument();
	});

	it("answers at once with what is usual, its working, its remarks and its chart as a table", async () => {
		bench();
		open();

		expect(await screen.findByText(/^Water activity 0.921: bacteria/)).toBeInTheDocument();
		expect(screen.getByRole("button", { name: /Sugar for keeping: how it was worked out/ })).toBeInTheDocument();
		expect(screen.getByText("It foams.").closest("p")).toHaveTextContent("Danger");
		expect(screen.getByText("All sugars count as sucrose.").closest("p")).toHaveTextContent("Assumed");
		expect(screen.getByText("It keeps.").closest("p")).toHaveTextContent("Note");
		expect(screen.getByText("It may ferment.").closest("p")).toHaveTextContent("Caution");
		await userEvent.click(screen.getByText("The same as a table"));
		expect(screen.getByRole("rowheader", { name: "20" }).closest("tr")).toHaveTextContent("40");
		expect(screen.getByText("bacteria stop: 0.91")).toBeInTheDocument();
	});

	it("starts from the entries in its address", async () => {
		const sent = bench();
		open("?mass=2+kg&kind=molasses");

		expect(await screen.findByLabelText("What is to be kept")).toHaveValue("2 kg");
		expect(screen.getByLabelText("Kind of sugar")).toHaveValue("molasses");
		await waitFor(() => expect(sent[0]?.body).toEqual({ entries: { mass: "2 kg", kind: "molasses" } }));
	});

	it("asks anew for what is typed", async () => {
		const sent = bench();
		open();

		await userEvent.clear(await screen.findByLabelText("What is to be kept"));
		await userEvent.type(screen.getByLabelText("What is to be kept"), "500 g");
		await waitFor(() => expect(sent.at(-1)?.body).toEqual({ entries: { mass: "500 g" } }));
	});

	it("asks anew for what is turned, within the knob's range", async () => {
		const sent = bench();
		open();

		const knob = await screen.findByLabelText("Turn: Water in it");
		expect(knob).toHaveAttribute("max", "98");
		fireEvent.change(knob, { target: { value: "90" } });
		await waitFor(() => expect(sent.at(-1)?.body).toEqual({ entries: { water: "90" } }));
	});

	it("asks anew for what is chosen", async () => {
		const sent = bench();
		open();

		await userEvent.selectOptions(await screen.findByLabelText("Kind of sugar"), "molasses");
		await waitFor(() => expect(sent.at(-1)?.body).toEqual({ entries: { kind: "molasses" } }));
	});

	it("says beside an entry what is wrong, and keeps the last answer", async () => {
		bench({
			"POST /api/bench/sugar": (body: { entries?: { mass?: string } }) =>
				body.entries?.mass === "lots"
					? [422, { detail: "What is to be kept (“lots”) can't be read.", code: "unreadable", field: "mass" }]
					: [200, ANSWER],
		});
		open();

		await screen.findByText(/^Water activity 0.921/);
		await userEvent.clear(screen.getByLabelText("What is to be kept"));
		await userEvent.type(screen.getByLabelText("What is to be kept"), "lots");
		expect(await screen.findByText("What is to be kept (“lots”) can't be read.")).toBeInTheDocument();
		expect(screen.getByLabelText("What is to be kept")).toHaveValue("lots");
	});

	it("takes its entries from a real pot", async () => {
		const sent = bench();
		open();

		await userEvent.selectOptions(await screen.findByLabelText("Take it from your garden"), "J4 Pea-shoot juice");
		expect(screen.getByLabelText("What is to be kept")).toHaveValue("380 g");
		await waitFor(() => expect(sent.at(-1)?.body).toEqual({ entries: { mass: "380 g" } }));
	});

	it("hands its answer to a new pot, to the can, and to a pot's log", async () => {
		bench();
		open();

		expect(await screen.findByRole("link", { name: "Set a juice" })).toHaveAttribute(
			"href",
			"/pots/new?method=plant-juice-packed&in.plant=1000+g",
		);
		expect(screen.getByRole("link", { name: "Take it to the can" })).toHaveAttribute("href", "/mix?strength=1%3A500");
		await userEvent.click(screen.getByRole("button", { name: "Note it at a pot" }));
		expect(await screen.findByRole("link", { name: "J4 Pea-shoot juice" })).toHaveAttribute(
			"href",
			"/pots/p1?note=Water+activity+0.921",
		);
	});

	it("lists the last uses, each with its entries in its address", async () => {
		remember({ id: "sugar", entries: { mass: "2 kg" }, headline: "Two kilos" });
		remember({ id: "sugar", entries: { mass: "3 kg" }, headline: "Three kilos" });
		remember({ id: "sugar", entries: { mass: "2 kg" }, headline: "Two kilos again" });
		remember({ id: "ratio", entries: { saying: "1:5" }, headline: "Another instrument" });
		bench();
		open();

		const uses = await screen.findAllByRole("link", { name: /kilos/ });
		expect(uses.map((use) => use.textContent)).toEqual(["Two kilos again", "Three kilos"]);
		expect(uses[1]).toHaveAttribute("href", "/bench/sugar?mass=3+kg");
	});

	it("goes on without a store for its history", () => {
		const full = vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
			throw new DOMException("full");
		});
		expect(() => remember({ id: "sugar", entries: {}, headline: "" })).not.toThrow();
		full.mockRestore();
	});
});
