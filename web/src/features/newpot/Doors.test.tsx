import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { BOOK } from "../../testing/book";
import { serve, show, WORKING } from "../../testing/serve";
import { draftOf, recipeAddress, requestOf } from "./draft";
import { NewPotPage } from "./NewPotPage";

const POSSIBLE = {
	methodId: "nettle-tea",
	title: "Nettle liquid",
	school: "Stuffed jar",
	family: "Anaerobic",
	now: true,
	batch: "3 kg of nettles",
	makes: "11.67 L",
	limit: "What ends first: nettles.",
	feeds: "128 m²",
	feed: "128 L",
	missing: [],
	inHand: { plant: "3 kg" },
	materials: { plant: "nettles" },
	working: WORKING,
};

const NEAR = { ...POSSIBLE, methodId: "plant-juice-open", title: "Plant juice", now: false, missing: ["raw sugar"] };

const NEEDS = [
	{ id: "LEAFY", words: "leafy", wants: "Nitrogen.", brews: [] },
	{
		id: "FLOWERING",
		words: "flowering",
		wants: "Calcium from the first flower.",
		brews: [
			{
				productId: "shell-calcium",
				name: "shell calcium",
				strength: "soil 1:1000",
				markWords: "common practice",
				ways: [{ methodId: "shell-calcium-tenfold", title: "Shell calcium", school: "Tenfold by weight" }],
			},
		],
	},
];

describe("Doors", () => {
	it("lists every brew once, whatever its schools, and finds one by a word", async () => {
		serve({ "GET /api/book": () => [200, BOOK] });
		show(<NewPotPage />, "/pots/new", "/pots/new");
		await screen.findByRole("link", { name: /Fish amino acids/ });
		expect(screen.getAllByRole("link")).toHaveLength(3);
		expect(screen.getByRole("link", { name: /stands already/ })).toHaveAttribute("href", "/pots/standing");
		await userEvent.type(screen.getByRole("textbox", { name: "Find a brew" }), "fish");
		expect(screen.getByRole("link", { name: /Fish amino acids/ })).toHaveAttribute(
			"href",
			"/pots/new?method=fish-amino",
		);
		expect(screen.queryByRole("link", { name: /Fermented plant juice/ })).not.toBeInTheDocument();
		await userEvent.type(screen.getByRole("textbox", { name: "Find a brew" }), "xyz");
		expect(screen.getByText("No brew of the book is called so.")).toBeVisible();
	});

	it("turns what is in hand into brews, and says what wasn't understood", async () => {
		const sent = serve({
			"POST /api/pantry": () => [200, { read: ["3 kg nettles"], unread: ["a unicorn"], possible: [POSSIBLE, NEAR] }],
		});
		show(<NewPotPage />, "/pots/new?door=have", "/pots/new");
		await userEvent.type(await screen.findByRole("textbox", { name: "What do you have?" }), "3 kg nettles, a unicorn");
		expect(await screen.findByText("Not understood: a unicorn.")).toBeVisible();
		expect(screen.getByText("Missing: raw sugar")).toBeVisible();
		expect(screen.getByRole("link", { name: "Start this pot" })).toHaveAttribute(
			"href",
			recipeAddress("nettle-tea", { plant: "3 kg" }, { plant: "nettles" }),
		);
		await waitFor(() => expect(sent.at(-1)?.body).toEqual({ list: "3 kg nettles, a unicorn" }));
	});

	it("tells what plants want at a stage, and the brews for it", async () => {
		serve({ "GET /api/book": () => [200, BOOK], "GET /api/needs": () => [200, NEEDS] });
		show(<NewPotPage />, "/pots/new", "/pots/new");
		await userEvent.click(await screen.findByRole("radio", { name: /My plants need/ }));
		await userEvent.click(await screen.findByRole("radio", { name: "flowering" }));
		expect(screen.getByText("Calcium from the first flower.")).toBeVisible();
		expect(screen.getByRole("link", { name: "Tenfold by weight" })).toBeVisible();
	});
});

describe("draft", () => {
	it("begins with the vessel in hand, the garden's own or one that it doesn't have yet", () => {
		const drafted = (holds: object) =>
			draftOf(new URLSearchParams(recipeAddress("nettle-tea", {}, {}, holds).split("?")[1]));
		expect(drafted({ vessel: "v1" })).toMatchObject({ vesselId: "v1", capacity: undefined });
		expect(drafted({ capacity: "1 L", kind: "JAR" })).toMatchObject({ capacity: "1 L", kind: "JAR" });
	});

	it("reads back what an address was made of", () => {
		const address = recipeAddress("nettle-tea", { plant: "3 kg" }, { plant: "nettles" });
		const draft = draftOf(new URLSearchParams(address.split("?")[1]));
		expect(draft).toEqual({
			methodId: "nettle-tea",
			anchor: "IN_HAND",
			inHand: { plant: "3 kg" },
			materials: { plant: "nettles" },
			from: {},
		});
	});

	it("sends only what belongs to the anchor", () => {
		const draft = {
			methodId: "m",
			inHand: { plant: "?" },
			materials: {},
			from: {},
			wanted: "1 L",
			area: "?",
			weeks: "?",
		};
		expect(requestOf({ ...draft, anchor: "WANTED" })).toEqual({
			methodId: "m",
			anchor: "WANTED",
			inHand: {},
			materials: {},
			from: {},
			wanted: "1 L",
		});
	});
});
