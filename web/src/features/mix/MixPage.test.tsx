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
	brews: { bottleId?: string; addition?: string; strength?: string }[];
	area?: string;
	mix?: string;
	target?: string;
};

function brew(name: string, water: number) {
	return {
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

function mix(asked: Asked) {
	const water = Number(asked.brews[0]?.strength ?? (asked.target === "LEAVES" ? 800 : 500));
	const tooStrong = {
		rule: "too-strong",
		severity: "REFUSE",
		concerns: "strength",
		words: "It burns.",
		working: WORKING,
	};
	return {
		target: "soil",
		brews: asked.brews.map((one, index) => brew(one.addition ?? `brew ${index}`, index === 0 ? water : 1000)),
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

const N = "Parts of water to one part of brew";

/** Pours once the rules have answered to what is entered. */
async function pourIt() {
	const pour = await screen.findByRole("button", { name: "Poured: take 20 mL from P1" });
	await waitFor(() => expect(pour).toBeEnabled());
	await userEvent.click(pour);
}

describe("MixPage", () => {
	it("takes the bottle to use first and the first planting", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		expect(await screen.findByRole("radio", { name: /Chickweed juice/ })).toBeChecked();
		await waitFor(() =>
			expect(sent.at(-1)?.body).toEqual({
				brews: [{ bottleId: "b1" }],
				plantingIds: ["k1"],
				target: "SOIL",
				can: "10 L",
				confirmed: [],
			}),
		);
	});

	it("takes the bottle that it was opened with", async () => {
		garden();
		show(<MixPage />, "/mix?bottle=b2");
		expect(await screen.findByRole("radio", { name: /Mugwort juice/ })).toBeChecked();
	});

	it("tells the mix for a piece of ground, and the ground for a mix", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		const ground = await screen.findByRole("textbox", { name: "Ground" });
		await userEvent.clear(ground);
		await userEvent.type(ground, "4 m²");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ area: "4 m²" }));
		expect(screen.getByRole("textbox", { name: "Mix" })).toHaveValue("10 L");
		await userEvent.type(screen.getByRole("textbox", { name: "Mix" }), "0");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ mix: "10 L0" }));
		expect(sent.at(-1)?.body).not.toHaveProperty("area");
	});

	it("goes back to the usual strength and takes the sprayer when leaves are to be fed", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		const strength = await screen.findByRole("textbox", { name: N });
		await userEvent.clear(strength);
		await userEvent.type(strength, "600");
		await userEvent.click(screen.getByRole("radio", { name: "leaves" }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ target: "LEAVES", can: "5 L" }));
		expect(sent.at(-1)?.body).toMatchObject({ brews: [{ bottleId: "b1" }] });
		expect(screen.getByRole("radio", { name: "Hand sprayer" })).toBeChecked();
	});

	it("lets nothing be poured that burns", async () => {
		garden();
		show(<MixPage />, "/mix");
		const strength = await screen.findByRole("textbox", { name: N });
		await userEvent.clear(strength);
		await userEvent.type(strength, "100");
		expect(await screen.findByText("It burns.", { exact: false, selector: "li span" })).toBeVisible();
		expect(screen.getByRole("button", { name: "Refused: see why" })).toBeDisabled();
	});

	it("calls no strength safe where the brew may not go at all", async () => {
		garden();
		show(<MixPage />, "/mix");
		expect(await screen.findByText(/Safe span/)).toBeVisible();
		await userEvent.click(screen.getByRole("radio", { name: "leaves" }));
		expect(await screen.findByText("Never on leaves.", { selector: ".dial-words b" })).toBeVisible();
		expect(screen.queryByText(/Safe span/)).toBeNull();
		expect(screen.getByRole("button", { name: "Refused: see why" })).toBeDisabled();
	});

	it("pours once and says what is left", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		await pourIt();
		expect(await screen.findByRole("status")).toHaveTextContent("20 mL P1 taken. P1: 600 mL left");
		expect(sent.filter((call) => call.path === "POST /api/feeds")).toHaveLength(1);
	});

	it.each(["Ground", "Mix", "Can holds", N, "Somebody says …"])("pours nothing on Enter in %s", async (field) => {
		const sent = garden();
		show(<MixPage />, "/mix");
		expect(await screen.findByRole("button", { name: "Poured: take 20 mL from P1" })).toBeEnabled();
		await userEvent.type(screen.getByRole("textbox", { name: field }), "{Enter}");
		expect(sent.filter((call) => call.path === "POST /api/feeds")).toEqual([]);
	});

	it("pours nothing that the rules were not asked about", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		const pour = await screen.findByRole("button", { name: "Poured: take 20 mL from P1" });
		await waitFor(() => expect(pour).toBeEnabled());
		fireEvent.change(screen.getByRole("textbox", { name: "Mix" }), { target: { value: "40 L" } });
		expect(pour).toBeDisabled();
		fireEvent.click(pour);
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ mix: "40 L" }));
		expect(sent.filter((call) => call.path === "POST /api/feeds")).toEqual([]);
		await waitFor(() => expect(pour).toBeEnabled());
	});

	it("shows only the tiles of the strength that is chosen, however often it changes", async () => {
		garden();
		show(<MixPage />, "/mix");
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
		show(<MixPage />, "/mix");
		await pourIt();
		expect(await screen.findByText("Only 12 mL are left.")).toBeVisible();
	});

	it("leads to the pots while there is no bottle", async () => {
		garden([]);
		show(<MixPage />, "/mix");
		expect(await screen.findByRole("link", { name: "See the pots" })).toHaveAttribute("href", "/pots");
	});

	it("pours what is unwise only after the gardener has read why and decided", async () => {
		const sent = garden();
		show(<MixPage />);
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
		show(<MixPage />, "/mix");
		await pourIt();
		await userEvent.click(await screen.findByRole("button", { name: "Take it back" }));
		expect(await screen.findByText("Taken back")).toBeVisible();
		expect(screen.getByRole("status")).toHaveTextContent("P1: 620 mL left");
	});

	it("puts another brew, and vinegar, into the same water", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		for (const [choice, name] of [
			["b2", "Mugwort juice"],
			["VINEGAR", "rice vinegar"],
		] as const) {
			await userEvent.click(await screen.findByRole("button", { name: "+ another into the same water" }));
			await userEvent.selectOptions(screen.getByRole("combobox", { name: /Another into/ }), choice);
			expect(await screen.findByRole("textbox", { name: `${name}, strength` })).toBeVisible();
		}
		await waitFor(() =>
			expect(sent.at(-1)?.body).toMatchObject({
				brews: [{ bottleId: "b1" }, { bottleId: "b2" }, { addition: "VINEGAR" }],
			}),
		);
		expect(await screen.findByRole("button", { name: "Poured: take from 3 at once" })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Leave rice vinegar out" }));
		await waitFor(() => expect((sent.at(-1)?.body as Asked | undefined)?.brews).toHaveLength(2));
	});

	it("feeds several plantings from one can, or none", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		await userEvent.click(await screen.findByRole("checkbox", { name: /Beetroot/ }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ plantingIds: ["k1", "k2"] }));
		await userEvent.click(screen.getByRole("checkbox", { name: /Beetroot/ }));
		await userEvent.click(screen.getByRole("checkbox", { name: /Kohlrabi/ }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ plantingIds: [] }));
		expect(screen.getByText(/None of them/)).toBeVisible();
	});

	it("compares what somebody says and takes it", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		await userEvent.type(await screen.findByRole("textbox", { name: "Somebody says …" }), "1 tbsp per gallon");
		expect(await screen.findByText(/1.95 times as strong/)).toBeVisible();
		expect(screen.getByText("1:256, US gallon.")).toBeVisible();
		expect(screen.getByRole("button", { name: "1 tbsp per imperial gallon" })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "take it" }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ brews: [{ strength: "1 tbsp per gallon" }] }));
	});

	it("reckons pots by what one holds, or by a dose for each", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		await userEvent.click(await screen.findByRole("button", { name: "by pots" }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ pots: "6", potSize: "6 L" }));
		expect(sent.at(-1)?.body).not.toHaveProperty("perPot");
		await userEvent.type(screen.getByRole("textbox", { name: "Or a dose for each" }), "100 mL");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ pots: "6", perPot: "100 mL" }));
	});

	it("marks where one stands on the ladder, and what is in the can at most", async () => {
		garden();
		show(<MixPage />, "/mix");
		const ladder = await screen.findByRole("list", { name: /Ladder/ });
		expect(ladder).toHaveTextContent("1:1000 · you are here");
		expect(screen.getByText("at most 12 mg/L N")).toBeVisible();
	});
});
