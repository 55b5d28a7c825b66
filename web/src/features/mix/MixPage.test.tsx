import { fireEvent, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { amount, serve, show, WORKING } from "../../testing/serve";
import { MixPage } from "./MixPage";

function bottle(id: string, code: string, name: string) {
	return {
		id,
		code,
		name,
		batchId: "p1",
		level: "620 mL",
		also: "21 fl oz",
		levelWorking: WORKING,
		levelShare: 0.9,
		colour: "AMBER",
		useBy: "2026-12-01",
		useByWords: "keeps to 1 Dec 2026",
		useByWorking: WORKING,
		freshness: "FRESH",
		poured: true,
		targets: [
			{ target: "SOIL", words: "soil" },
			{ target: "SEEDLINGS", words: "seedlings" },
			{ target: "LEAVES", words: "leaves" },
		],
		keptWords: "cool and dark",
		labelLine: "",
		soilOnly: false,
	};
}

type Asked = {
	brews: { bottleId?: string; addition?: string; strength?: string; rest?: string }[];
	plantingIds?: string[];
	at?: string;
	area?: string;
	mix?: string;
	target?: string;
};

const TOMORROW = "2026-05-21T04:30:00Z";

/** What the server has to say of a moment that is asked for. */
function hour(at?: string) {
	return {
		at: at ?? "2026-05-20T08:10:00Z",
		words: at ? "tomorrow 5:30" : "today 9:10",
		ahead: at !== undefined,
		choices: [
			{ name: "now", at: "2026-05-20T08:10:00Z", words: "today 9:10" },
			{ name: "tomorrow early", at: TOMORROW, words: "tomorrow 5:30" },
		],
		next: at ? undefined : { name: "next good hour", at: TOMORROW, words: "tomorrow 5:30" },
	};
}

const OFFERS = [
	{
		bottleId: "b1",
		code: "P1",
		name: "Chickweed juice",
		fit: "FIT",
		dose: "4 mL, 1:500",
		why: "Leafy growth: nitrogen-leaning.",
		shortOf: "",
	},
	{
		bottleId: "b2",
		code: "P2",
		name: "Mugwort juice",
		fit: "NO",
		dose: "4 mL, 1:500",
		why: "Kohlrabi: you pick in 3 days, and this wants 14 days before.",
		shortOf: "",
	},
];

function brew(id: string, name: string, water: number) {
	return {
		id,
		name,
		strength: { water, text: `1:${water}`, words: "soil", working: WORKING },
		span: { strongest: 400, usual: 500, weakest: 1000, text: "1:400 to 1:1000" },
		rungs: [
			{ water: 1000, text: "1:1000", words: "", here: true },
			{ water: 500, text: "1:500", words: "", here: false },
		],
		dresses:
			water === 0
				? [
						{ dress: "TEASPOONS_PER_US_GALLON", text: "no water", per: "per gallon", working: WORKING },
						{ dress: "TABLESPOONS_PER_US_GALLON", text: "no water", per: "per gallon", working: WORKING },
					]
				: [
						{ dress: "TEASPOONS_PER_US_GALLON", text: "1½ tsp", per: "per gallon", working: WORKING },
						{ dress: "TABLESPOONS_PER_US_GALLON", text: "½ tbsp", per: "per gallon", working: WORKING },
					],
		amount: amount("20 mL"),
	};
}

const FINDINGS: Readonly<Record<string, readonly object[]>> = {
	SEEDLINGS: [
		{ rule: "unknown-use", severity: "CONFIRM", concerns: "target", words: "Nobody has told.", working: WORKING },
	],
	LEAVES: [
		{ rule: "forbidden-use", severity: "REFUSE", concerns: "target", words: "Never on leaves.", working: WORKING },
	],
};

const BEETROOT = {
	plantingId: "k2",
	name: "Beetroot",
	findings: [
		{ rule: "iron · Beetroot", severity: "REFUSE", concerns: "plantings", words: "Beetroot: never.", working: WORKING },
	],
	alone: "1:1000",
	refused: true,
	leaveOut: true,
};

function mix(asked: Asked) {
	const usual = asked.brews[0]?.bottleId === "b2" ? 0 : asked.target === "LEAVES" ? 800 : 500;
	const water = Number(asked.brews[0]?.strength ?? usual);
	const tooStrong = {
		rule: "too-strong",
		severity: "REFUSE",
		concerns: "strength",
		words: "It burns.",
		working: WORKING,
	};
	return {
		target: "soil",
		brews: asked.brews.map((one, index) =>
			brew(one.addition ?? one.bottleId ?? "", one.addition ?? `brew ${index}`, index === 0 ? water : 1000),
		),
		need: amount(asked.mix ?? "10 L"),
		area: amount(asked.area ?? "10 m²"),
		fillings: [
			{
				count: 1,
				mix: "10 L",
				mixShare: 1,
				brewShare: 0.002,
				brews: asked.brews.map((_, index) => ({
					name: `brew ${index}`,
					text: "20 mL",
					first: "",
					onTool: "20 mL",
					tool: "measuring jug",
					deviation: "",
					working: WORKING,
				})),
				water: amount("9.98 L"),
			},
		],
		count: 1,
		countWorking: WORKING,
		makes: amount("310 L"),
		findings: FINDINGS[asked.target ?? ""] ?? (water < 400 ? [tooStrong] : []),
		plantings: (asked.plantingIds ?? []).length > 1 ? [BEETROOT] : [],
		tooShort:
			asked.mix === "40 L" && !asked.brews[0]?.rest
				? { brew: 0, makes: "31 L", rests: [{ bottleId: "b2", code: "P2", level: "610 mL" }] }
				: undefined,
		hour: hour(asked.at),
		refused: water < 400 || asked.target === "LEAVES",
		inherited: [{ text: "Again in 14 days", working: WORKING }],
		ceilings: [{ name: "juice", of: "N", text: "at most 12 mg/L N", working: WORKING }],
		words: ["Pour on moist soil."],
		cautions: [],
	};
}

function poured(undone: boolean, level: string) {
	return {
		feed: {
			id: "f1",
			at: "2026-05-20T08:10:00Z",
			target: "soil",
			mix: "10 L",
			brews: [{ code: "P1", name: "Chickweed juice", strength: "1:500", amount: "20 mL" }],
			plantings: ["Kohlrabi"],
			decision: "",
			undone,
			undoable: !undone,
		},
		bottles: [{ ...bottle("b1", "P1", "Chickweed juice"), level }],
		next: undone ? [] : [{ planting: "Kohlrabi", kind: "LOOK", day: "2026-05-27", words: "look at them" }],
	};
}

function garden(
	bottles = [bottle("b1", "P1", "Chickweed juice"), bottle("b2", "P2", "Mugwort juice")],
	pour: (body: Record<string, unknown>) => readonly [number, unknown] = () => [200, poured(false, "600 mL")],
) {
	return serve({
		"GET /api/bottles": () => [200, bottles],
		"GET /api/plantings": () => [
			200,
			[
				{ id: "k1", name: "Kohlrabi", stage: "leafy", size: "3 m²" },
				{ id: "k2", name: "Beetroot", stage: "leafy", size: "2 m²" },
			],
		],
		"POST /api/mixes/offers": () => [200, { target: "SOIL", targetWords: "soil", offers: OFFERS }],
		"POST /api/mixes": (body) => [200, mix(body as Asked)],
		"POST /api/feeds/f1/undo": () => [200, poured(true, "620 mL")],
		"POST /api/strengths": () => [
			200,
			{
				text: "1:256",
				how: "1:256, US gallon",
				others: ["1 tbsp per imperial gallon"],
				water: 256,
				dresses: [],
				otherText: "1:500",
				comparison: "1:256 is 1.95 times as strong as 1:500.",
				comparisonWorking: WORKING,
			},
		],
		"POST /api/feeds": pour,
	});
}

const QUESTION = "/mix?bottle=b1&planting=k1&target=SOIL";

/** The mix that was asked for last. */
function lastMix(sent: readonly { readonly path: string; readonly body?: unknown }[]) {
	return sent.findLast((call) => call.path === "POST /api/mixes")?.body;
}

const N = "Parts of water to one part of brew";

/** Pours once the rules have answered to what is entered. */
async function pourIt() {
	const pour = await screen.findByRole("button", { name: "Poured: take 20 mL from b1" });
	await waitFor(() => expect(pour).toBeEnabled());
	await userEvent.click(pour);
}

describe("MixPage", () => {
	it("asks which plants first, and chooses nothing by itself", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		expect(await screen.findByRole("checkbox", { name: /Kohlrabi/ })).not.toBeChecked();
		expect(screen.queryByRole("radio", { name: /Chickweed juice/ })).toBeNull();
		await userEvent.click(screen.getByRole("checkbox", { name: /Kohlrabi/ }));
		expect(await screen.findByRole("radio", { name: /Chickweed juice/ })).not.toBeChecked();
		expect(lastMix(sent)).toBeUndefined();
	});

	it("offers what is fit, and tells of every other bottle why not on demand", async () => {
		garden();
		show(<MixPage />, "/mix");
		await userEvent.click(await screen.findByRole("checkbox", { name: /Kohlrabi/ }));
		expect(await screen.findByText(/Leafy growth: nitrogen-leaning/)).toBeVisible();
		expect(screen.queryByText(/you pick in 3 days/)).toBeNull();
		await userEvent.click(screen.getByRole("button", { name: "1 more, and why not those" }));
		expect(screen.getByText(/you pick in 3 days/)).toBeVisible();
	});

	it("keeps a strength that the bench handed over for the bottle that is chosen", async () => {
		const sent = garden();
		show(<MixPage />, "/mix?strength=1%3A640");
		await userEvent.click(await screen.findByRole("checkbox", { name: /Kohlrabi/ }));
		await userEvent.click(await screen.findByRole("radio", { name: /Chickweed/ }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ brews: [{ bottleId: "b1", strength: "1:640" }] }));
	});

	it("opens as the question asked by a proposal, exactly that", async () => {
		const sent = garden();
		show(<MixPage />, "/mix?bottle=b1&planting=k2&target=SEEDLINGS&at=2026-05-22T04:30:00Z");
		await waitFor(() =>
			expect(lastMix(sent)).toEqual({
				brews: [{ bottleId: "b1" }],
				plantingIds: ["k2"],
				target: "SEEDLINGS",
				at: "2026-05-22T04:30:00Z",
				can: "10 L",
				confirmed: [],
			}),
		);
		expect(await screen.findByRole("button", { name: "Not yet: pour it tomorrow 5:30" })).toBeDisabled();
	});

	it("asks a bottle that it was opened with which plants get it", async () => {
		const sent = garden();
		show(<MixPage />, "/mix?bottle=b2");
		expect(await screen.findByRole("checkbox", { name: /Kohlrabi/ })).not.toBeChecked();
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ brews: [{ bottleId: "b2" }], plantingIds: [] }));
	});

	it("mixes for the next good hour", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		expect(await screen.findByText("tomorrow 5:30", { selector: "b" })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "mix for then" }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ at: TOMORROW }));
		await userEvent.click(screen.getByRole("radio", { name: "Now" }));
		await waitFor(() => expect(lastMix(sent)).not.toHaveProperty("at"));
	});

	it.each([
		["Make 31 L of it", { mix: "31 L" }],
		["The rest from P2", { brews: [{ bottleId: "b1", rest: "b2" }] }],
	])("helps a bottle that is too short: %s", async (name, wanted) => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		fireEvent.change(await screen.findByRole("textbox", { name: "Mix" }), { target: { value: "40 L" } });
		await userEvent.click(await screen.findByRole("button", { name }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject(wanted));
	});

	it("leaves out the planting that a rule stands against", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		await userEvent.click(await screen.findByRole("button", { name: "other plants …" }));
		await userEvent.click(screen.getByRole("checkbox", { name: /Beetroot/ }));
		expect(await screen.findByText("Alone it would get 1:1000.")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Leave Beetroot out" }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ plantingIds: ["k1"] }));
	});

	it("writes down what was poured earlier, whatever the rules say of it now", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		await userEvent.click(await screen.findByRole("button", { name: "poured earlier …" }));
		await userEvent.type(screen.getByRole("textbox", { name: "Poured when" }), "yesterday");
		const write = await screen.findByRole("button", { name: "Write it down: take 20 mL from b1" });
		await waitFor(() => expect(write).toBeEnabled());
		await userEvent.click(write);
		await waitFor(() =>
			expect(sent.find((call) => call.path === "POST /api/feeds")?.body).toMatchObject({ when: "yesterday" }),
		);
	});

	it("keeps the tiles of one brew off the next, there and back", async () => {
		garden();
		show(<MixPage />, QUESTION);
		const tiles = () => [...document.querySelectorAll(".dress b, .rungs li")].map((tile) => tile.textContent);
		await screen.findByText("1½ tsp");
		const diluted = tiles();
		expect(diluted).toHaveLength(4);
		for (const [name, first] of [
			[/Mugwort/, "no water"],
			[/Chickweed/, "1½ tsp"],
			[/Mugwort/, "no water"],
			[/Chickweed/, "1½ tsp"],
		] as const) {
			await userEvent.click(await screen.findByRole("button", { name: "another bottle …" }));
			await userEvent.click(screen.getByRole("radio", { name }));
			await waitFor(() => expect(tiles()).toContain(first));
			expect(tiles()).toHaveLength(4);
		}
		expect(tiles()).toEqual(diluted);
	});

	it("turns the dial by its knob alone, so that a scrolling thumb turns nothing", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		const dial = await screen.findByRole("slider");
		const knob = dial.querySelector(".dial-knob") as HTMLElement;
		const holds = new Set<number>();
		knob.setPointerCapture = (id) => holds.add(id);
		knob.hasPointerCapture = (id) => holds.has(id);
		dial.getBoundingClientRect = () => new DOMRect(0, 0, 520, 330);
		const strength = () => (screen.getByRole("textbox", { name: N }) as HTMLInputElement).value;
		fireEvent.pointerDown(dial, { pointerId: 1, clientX: 80, clientY: 200 });
		fireEvent.pointerMove(dial, { pointerId: 1, clientX: 80, clientY: 200, buttons: 1 });
		fireEvent.pointerMove(knob, { pointerId: 1, clientX: 80, clientY: 200 });
		expect(strength()).toBe("500");
		fireEvent.pointerDown(knob, { pointerId: 1 });
		fireEvent.pointerMove(knob, { pointerId: 1, clientX: 80, clientY: 200 });
		await waitFor(() => expect(strength()).not.toBe("500"));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ brews: [{ strength: strength() }] }));
	});

	it("tells the mix for a piece of ground, and the ground for a mix", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		const ground = await screen.findByRole("textbox", { name: "Ground" });
		await userEvent.clear(ground);
		await userEvent.type(ground, "4 m²");
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ area: "4 m²" }));
		expect(screen.getByRole("textbox", { name: "Mix" })).toHaveValue("10 L");
		await userEvent.type(screen.getByRole("textbox", { name: "Mix" }), "0");
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ mix: "10 L0" }));
		expect(lastMix(sent)).not.toHaveProperty("area");
	});

	it("goes back to the usual strength and takes the sprayer when leaves are to be fed", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		const strength = await screen.findByRole("textbox", { name: N });
		await userEvent.clear(strength);
		await userEvent.type(strength, "600");
		await userEvent.click(screen.getByRole("radio", { name: "leaves" }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ target: "LEAVES", can: "5 L" }));
		expect(lastMix(sent)).toMatchObject({ brews: [{ bottleId: "b1" }] });
		expect(screen.getByRole("radio", { name: "Hand sprayer" })).toBeChecked();
	});

	it("lets nothing be poured that burns", async () => {
		garden();
		show(<MixPage />, QUESTION);
		const strength = await screen.findByRole("textbox", { name: N });
		await userEvent.clear(strength);
		await userEvent.type(strength, "100");
		expect(await screen.findByText("It burns.", { exact: false, selector: "li span" })).toBeVisible();
		expect(screen.getByRole("button", { name: "Refused: see why" })).toBeDisabled();
	});

	it("calls no strength safe where the brew may not go at all", async () => {
		garden();
		show(<MixPage />, QUESTION);
		expect(await screen.findByText(/Safe span/)).toBeVisible();
		await userEvent.click(screen.getByRole("radio", { name: "leaves" }));
		expect(await screen.findByText("Never on leaves.", { selector: ".dial-words b" })).toBeVisible();
		expect(screen.queryByText(/Safe span/)).toBeNull();
		expect(screen.getByRole("button", { name: "Refused: see why" })).toBeDisabled();
	});

	it("pours once and says what is left", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		await pourIt();
		expect(await screen.findByRole("status")).toHaveTextContent("Poured 20 mL from P1For Kohlrabi. P1: 600 mL left.");
		expect(sent.filter((call) => call.path === "POST /api/feeds")).toHaveLength(1);
		expect(screen.getByText(/Kohlrabi: look at them/)).toBeVisible();
	});

	it("does not judge again what it has poured", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		await pourIt();
		await screen.findByRole("status");
		const after = sent.findIndex((call) => call.path === "POST /api/feeds");
		expect(sent.slice(after).filter((call) => call.path.startsWith("POST /api/mixes"))).toEqual([]);
		expect(screen.queryByRole("alert")).toBeNull();
	});

	it.each(["Ground", "Mix", "Can holds", N, "Somebody says …"])("pours nothing on Enter in %s", async (field) => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		expect(await screen.findByRole("button", { name: "Poured: take 20 mL from b1" })).toBeEnabled();
		await userEvent.type(screen.getByRole("textbox", { name: field }), "{Enter}");
		expect(sent.filter((call) => call.path === "POST /api/feeds")).toEqual([]);
	});

	it("pours nothing that the rules were not asked about", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		const pour = await screen.findByRole("button", { name: "Poured: take 20 mL from b1" });
		await waitFor(() => expect(pour).toBeEnabled());
		fireEvent.change(screen.getByRole("textbox", { name: "Mix" }), { target: { value: "40 L" } });
		expect(pour).toBeDisabled();
		fireEvent.click(pour);
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ mix: "40 L" }));
		expect(sent.filter((call) => call.path === "POST /api/feeds")).toEqual([]);
		await waitFor(() => expect(pour).toBeEnabled());
	});

	it("shows only the tiles of the strength that is chosen, however often it changes", async () => {
		garden();
		show(<MixPage />, QUESTION);
		const tiles = () => [...document.querySelectorAll(".dress b")].map((tile) => tile.textContent);
		await screen.findByText("1½ tsp");
		for (const [strength, shown] of [
			["0", ["no water", "no water"]],
			["500", ["1½ tsp", "½ tbsp"]],
			["0", ["no water", "no water"]],
			["600", ["1½ tsp", "½ tbsp"]],
		] as const) {
			fireEvent.change(screen.getByRole("textbox", { name: N }), { target: { value: strength } });
			await waitFor(() => expect(tiles()).toEqual(shown));
		}
	});

	it("says so when the bottle was emptied from elsewhere", async () => {
		garden(undefined, () => [409, { status: 409, code: "bottle-short", detail: "Only 12 mL are left." }]);
		show(<MixPage />, QUESTION);
		await pourIt();
		expect(await screen.findByText("Only 12 mL are left.")).toBeVisible();
	});

	it("leads to the pots while there is no bottle", async () => {
		garden([]);
		show(<MixPage />, QUESTION);
		expect(await screen.findByRole("link", { name: "See the pots" })).toHaveAttribute("href", "/pots");
	});

	it("pours what is unwise only after the gardener has read why and decided", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		await userEvent.click(await screen.findByRole("radio", { name: "seedlings" }));
		expect(await screen.findByText("Nobody has told.")).toBeVisible();
		const pour = screen.getByRole("button", { name: /Poured: take/ });
		expect(pour).toBeDisabled();
		await userEvent.click(screen.getByRole("checkbox", { name: /do it all the same/ }));
		await userEvent.click(pour);
		await waitFor(() =>
			expect(sent.find((call) => call.path === "POST /api/feeds")?.body).toMatchObject({ confirmed: ["unknown-use"] }),
		);
	});

	it("takes a pour back", async () => {
		garden();
		show(<MixPage />, QUESTION);
		await pourIt();
		await userEvent.click(await screen.findByRole("button", { name: "Take it back" }));
		expect(await screen.findByText(/Taken back: 20 mL from P1/)).toBeVisible();
		expect(screen.getByRole("status")).toHaveTextContent("P1: 620 mL left");
	});

	it("puts another brew, and vinegar, into the same water", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		for (const [choice, name] of [
			["b2", "Mugwort juice"],
			["VINEGAR", "rice vinegar"],
		] as const) {
			await userEvent.click(await screen.findByRole("button", { name: "+ another into the same water" }));
			await userEvent.selectOptions(screen.getByRole("combobox", { name: /Another into/ }), choice);
			expect(await screen.findByRole("textbox", { name: `${name}, strength` })).toBeVisible();
		}
		await waitFor(() =>
			expect(lastMix(sent)).toMatchObject({
				brews: [{ bottleId: "b1" }, { bottleId: "b2" }, { addition: "VINEGAR" }],
			}),
		);
		expect(await screen.findByRole("button", { name: "Poured: take from 3 at once" })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Leave rice vinegar out" }));
		await waitFor(() => expect((lastMix(sent) as Asked | undefined)?.brews).toHaveLength(2));
	});

	it("feeds several plantings from one can, or none", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		await userEvent.click(await screen.findByRole("button", { name: "other plants …" }));
		await userEvent.click(screen.getByRole("checkbox", { name: /Beetroot/ }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ plantingIds: ["k1", "k2"] }));
		await userEvent.click(screen.getByRole("checkbox", { name: /Beetroot/ }));
		await userEvent.click(screen.getByRole("checkbox", { name: /Kohlrabi/ }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ plantingIds: [] }));
		expect(screen.getByText(/None of them/)).toBeVisible();
	});

	it("compares what somebody says and takes it", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		await userEvent.type(await screen.findByRole("textbox", { name: "Somebody says …" }), "1 tbsp per gallon");
		expect(await screen.findByText(/1.95 times as strong/)).toBeVisible();
		expect(screen.getByText("1:256, US gallon.")).toBeVisible();
		expect(screen.getByRole("button", { name: "1 tbsp per imperial gallon" })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "take it" }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ brews: [{ strength: "1 tbsp per gallon" }] }));
	});

	it("reckons pots by what one holds, or by a dose for each", async () => {
		const sent = garden();
		show(<MixPage />, QUESTION);
		await userEvent.click(await screen.findByRole("button", { name: "by pots" }));
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ pots: "6", potSize: "6 L" }));
		expect(lastMix(sent)).not.toHaveProperty("perPot");
		await userEvent.type(screen.getByRole("textbox", { name: "Or a dose for each" }), "100 mL");
		await waitFor(() => expect(lastMix(sent)).toMatchObject({ pots: "6", perPot: "100 mL" }));
	});

	it("marks where one stands on the ladder, and what is in the can at most", async () => {
		garden();
		show(<MixPage />, QUESTION);
		const ladder = await screen.findByRole("list", { name: /Ladder/ });
		expect(ladder).toHaveTextContent("1:1000 · you are here");
		expect(screen.getByText("at most 12 mg/L N")).toBeVisible();
	});
});
