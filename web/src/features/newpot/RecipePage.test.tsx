import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { BOOK, finding, recipe } from "../../testing/book";
import { serve, show, WORKING } from "../../testing/serve";
import { NewPotPage } from "./NewPotPage";

type Asked = {
	anchor?: string;
	inHand?: Record<string, string>;
	lid?: string;
	methodId?: string;
	placeId?: string;
	treatment?: string;
};

function garden(
	set: (body: Record<string, unknown>) => readonly [number, unknown] = () => [201, {}],
	worked: (asked: Asked) => Record<string, unknown> = () => ({}),
) {
	return serve({
		"GET /api/book": () => [200, BOOK],
		"GET /api/vessels": () => [200, [{ id: "v1", code: "J7", kind: "JAR", kindWords: "jar", capacity: "3 L" }]],
		"GET /api/places": () => [200, [{ id: "s1", name: "Galley shelf", temperature: "19.5 °C", light: "SHADE" }]],
		"POST /api/recipes": (body) => {
			const asked = body as Asked;
			if (asked.inHand?.plant === "leaves") {
				return [422, { status: 422, code: "unreadable", field: "inHand.plant", detail: "“leaves” can't be read." }];
			}
			const refused = asked.lid === "TIGHT";
			return [
				200,
				recipe({
					findings: refused ? [finding("tight-lid", "REFUSE", "lid", "It can burst the vessel.")] : [],
					refused,
					...worked(asked),
				}),
			];
		},
		"POST /api/pots": set,
	});
}

function open(query = "method=plant-juice-open&in.plant=500%20g") {
	show(<NewPotPage />, `/pots/new?${query}`, "/pots/new");
}

describe("RecipePage", () => {
	it("opens with what a door knew already", async () => {
		const sent = garden();
		open("method=plant-juice-open&in.plant=500%20g&of.sugar=white-sugar");
		expect(await screen.findByRole("textbox", { name: "Leaves and shoots in hand" })).toHaveValue("500 g");
		expect(sent[0]?.body).toMatchObject({
			anchor: "IN_HAND",
			inHand: { plant: "500 g" },
			materials: { sugar: "white-sugar" },
		});
		expect(screen.getByText("1 lb · 3 cups (US)")).toBeVisible();
		expect(screen.getByText("Ready Thu 28 May – Mon 1 June")).toBeVisible();
		expect(screen.getByText("within the hour")).toBeVisible();
		expect(screen.getByText("Never hemlock.")).toBeVisible();
		expect(screen.getByText("Never screw a lid on.")).toBeVisible();
	});

	it("fills the vessel where nothing is in hand", async () => {
		const sent = garden();
		open("method=plant-juice-open");
		expect(await screen.findAllByRole("cell", { name: "640 g" })).toHaveLength(2);
		expect(sent[0]?.body).toMatchObject({ anchor: "VESSEL", inHand: {} });
	});

	it("keeps the last answer and what was typed beside a problem", async () => {
		garden();
		open();
		const field = await screen.findByRole("textbox", { name: "Leaves and shoots in hand" });
		await userEvent.clear(field);
		await userEvent.type(field, "leaves");
		expect(await screen.findByText("“leaves” can't be read.")).toBeVisible();
		expect(field).toHaveValue("leaves");
		expect(screen.getByText(/321 L of feed at 1:500/)).toBeVisible();
		expect(screen.getByRole("button", { name: "Set this pot in J7" })).toBeDisabled();
	});

	it("takes a second part that is short, and lets it go again", async () => {
		const limit = { partId: "sugar", words: "Sugar runs out first.", working: WORKING };
		const sent = garden(undefined, (asked) => (asked.inHand?.sugar ? { limit, leftovers: ["100 g of leaves"] } : {}));
		open();
		await userEvent.click(await screen.findByRole("button", { name: "I have only this much Sugar" }));
		expect(await screen.findByText("Sugar runs out first.")).toBeVisible();
		expect(sent.at(-1)?.body).toMatchObject({ inHand: { plant: "500 g", sugar: "640 g" } });
		await userEvent.click(screen.getByRole("button", { name: "Take Sugar as it is needed" }));
		await waitFor(() => expect(screen.queryByText("Sugar runs out first.")).not.toBeInTheDocument());
	});

	it.each([
		["I want this much", { anchor: "WANTED", wanted: "640 mL" }],
		["I have ground to feed", { anchor: "AREA", area: "10 m²", weeks: "8", target: "SOIL" }],
		["I have a jar to fill", { anchor: "VESSEL" }],
	])("starts from another end: %s", async (name, asked) => {
		const sent = garden();
		open();
		await userEvent.click(await screen.findByRole("radio", { name }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject(asked));
	});

	it("lets nothing be set that is refused, and says why", async () => {
		garden();
		open();
		await userEvent.selectOptions(await screen.findByRole("combobox", { name: "Lid" }), "TIGHT");
		expect(await screen.findByText(/It can burst the vessel/)).toBeVisible();
		expect(screen.getByRole("button", { name: "Refused: see why" })).toBeDisabled();
	});

	it("forgets materials and lid of one school when another is chosen", async () => {
		const sent = garden();
		open("method=plant-juice-open&of.sugar=white-sugar");
		await userEvent.click(await screen.findByRole("radio", { name: /Slow, packed/ }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ methodId: "plant-juice-packed", materials: {} }));
	});

	it("sets what is unwise only once the gardener has decided so", async () => {
		const unwise = finding("indoors", "CONFIRM", "place", "It belongs outdoors.");
		const sent = garden(
			() => [201, { summary: { id: "p9" } }],
			() => ({ findings: [unwise] }),
		);
		open();
		const set = await screen.findByRole("button", { name: "Set this pot in J7" });
		expect(set).toBeDisabled();
		await userEvent.click(screen.getByRole("checkbox", { name: /do it all the same/ }));
		await userEvent.click(set);
		expect(await screen.findByText("another view")).toBeVisible();
		expect(sent.at(-1)?.body).toMatchObject({ confirmed: ["indoors"] });
	});

	it("lets the water stand first, unless it has stood already", async () => {
		const ways = [
			{ id: "STAND", words: "stand it open overnight" },
			{ id: "STOOD", words: "it has stood already" },
			{ id: "ASCORBIC", words: "ascorbic acid" },
		];
		const sent = garden(undefined, (asked) => {
			const treatment = asked.treatment ?? "STAND";
			return { water: { treatment, words: "Let it stand.", stands: treatment === "STAND", ways, working: WORKING } };
		});
		open();
		expect(await screen.findByRole("button", { name: "Let the water stand, for J7" })).toBeEnabled();
		await userEvent.click(screen.getByRole("checkbox", { name: "The water has stood already" }));
		expect(await screen.findByRole("button", { name: "Set this pot in J7" })).toBeEnabled();
		expect(sent.at(-1)?.body).toMatchObject({ treatment: "STOOD" });
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Against chlorine" }), "ASCORBIC");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ treatment: "ASCORBIC" }));
	});

	it("offers only the uses that are allowed, and says how often it is made anew", async () => {
		const sent = garden(undefined, (asked) =>
			asked.anchor === "AREA" ? { repeat: { words: "Make it 3 times.", working: WORKING } } : {},
		);
		open();
		await userEvent.click(await screen.findByRole("radio", { name: "I have ground to feed" }));
		expect(await screen.findByText("Make it 3 times.")).toBeVisible();
		expect(screen.queryByRole("radio", { name: /seedlings/ })).toBeNull();
		await userEvent.click(screen.getByRole("radio", { name: "leaves, 1:800" }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ anchor: "AREA", target: "LEAVES" }));
	});

	it("sets the pot once under one key and goes to it", async () => {
		const sent = garden(() => [201, { summary: { id: "p9" } }]);
		open();
		await userEvent.click(await screen.findByRole("button", { name: "Set this pot in J7" }));
		expect(await screen.findByText("another view")).toBeVisible();
		const set = sent.filter((call) => call.path === "POST /api/pots");
		expect(set).toHaveLength(1);
		expect(set[0]?.key).toMatch(/^[0-9a-f-]{36}$/);
		expect(set[0]?.body).toMatchObject({ name: "Fermented plant juice", recipe: { anchor: "IN_HAND" } });
	});

	it("shows what is wrong with the name beside it, and what else stands in the way", async () => {
		let times = 0;
		garden(() => {
			times += 1;
			return times === 1
				? [422, { status: 422, code: "empty", field: "name", detail: "The name is empty." }]
				: [409, { status: 409, code: "vessel-taken", detail: "J7 already holds Dock juice." }];
		});
		open();
		const set = await screen.findByRole("button", { name: "Set this pot in J7" });
		await userEvent.click(set);
		expect(await screen.findByText("The name is empty.")).toBeVisible();
		await userEvent.click(set);
		expect(await screen.findByText("J7 already holds Dock juice.")).toBeVisible();
	});

	it("tells figures that don't add up, and two vessels that could share it", async () => {
		const check = finding("moisture", "NOTE", "water", "People quote 30 to 35 %.");
		garden(undefined, () => ({ crossChecks: [check], split: "Or split it: half into J1 and half into J2." }));
		open();
		expect(await screen.findByText("People quote 30 to 35 %.")).toBeVisible();
		expect(screen.getByText(/half into J1/)).toBeVisible();
	});

	it("says where a brew went that the book doesn't have", async () => {
		serve({
			"GET /api/book": () => [200, BOOK],
			"POST /api/recipes": () => [404, { status: 404, code: "missing", detail: "This garden has no such way." }],
		});
		open("method=elixir");
		expect(await screen.findByText("This garden has no such way.")).toBeVisible();
		expect(screen.getByRole("link", { name: "Choose another brew" })).toBeVisible();
	});

	const SERUM = { ...recipe().amounts[0], id: "serum", name: "Lactic serum" };
	const BOTTLES = [
		{ id: "b1", words: "P15, Galley serum, 20 mL left, good until 8 Dec 2026" },
		{ id: "b2", words: "P16, Spring serum, 1 L left, good until 8 Jan 2027" },
	];

	it("shows which bottles a brewed part comes from, and takes it from another or from elsewhere", async () => {
		const sent = garden(undefined, () => ({
			amounts: [
				{ ...SERUM, supply: { words: "20 mL from P15 and 50 mL from P16", from: ["b1", "b2"], bottles: BOTTLES } },
			],
		}));
		open("method=activated-culture");
		expect(await screen.findByText(/20 mL from P15 and 50 mL from P16/)).toBeVisible();
		const where = screen.getByRole("combobox", { name: "Where Lactic serum comes from" });
		expect(where).toHaveDisplayValue("the oldest first");
		await userEvent.selectOptions(where, "b2");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ from: { serum: ["b2"] } }));
		await userEvent.selectOptions(where, "from elsewhere, not from the store");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ from: { serum: [] } }));
		await userEvent.selectOptions(where, "the oldest first");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ from: {} }));
	});

	it("says how long it takes to have what isn't in store, and offers to set or to plan it", async () => {
		const missing = {
			words: "Made anew it takes 60 to 75 days.",
			productId: "gut-mother",
			amount: "120 L",
			by: "2027-02-12",
			methodId: "gut-mother",
			title: "Gut mother, guts in water",
			working: WORKING,
		};
		garden(undefined, () => ({
			amounts: [{ ...SERUM, name: "Gut mother", supply: { words: "none in store", from: [], bottles: [], missing } }],
		}));
		open("method=gut-brew");
		expect(await screen.findByText(/Made anew it takes 60 to 75 days\./)).toBeVisible();
		expect(screen.getByRole("link", { name: "Set Gut mother, guts in water first" })).toHaveAttribute(
			"href",
			"/pots/new?method=gut-mother",
		);
		expect(screen.getByRole("link", { name: "plan it" })).toHaveAttribute(
			"href",
			"/plan?product=gut-mother&amount=120+L&by=2027-02-12",
		);
		expect(screen.queryByRole("combobox", { name: /comes from/ })).not.toBeInTheDocument();
	});
});
