import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { serve, show, WORKING } from "../../testing/serve";
import { BedsPage } from "./BedsPage";
import { CropsPage } from "./CropsPage";

const SQUASH = {
	id: "k1",
	name: "Winter squash",
	cropId: "winter-squash",
	crop: "Winter squash",
	stageId: "FRUITING",
	stage: "fruiting",
	wants: "Calcium and potassium.",
	usualStage: "ripening",
	stages: [
		{ stage: "FLOWERING", words: "flowering" },
		{ stage: "FRUITING", words: "fruiting" },
	],
	size: "4 m²",
	area: "4 m²",
	pots: "",
	pot: "",
	appetite: "HEAVY",
	soil: "CLAY",
	eaten: "COOKED",
	touched: true,
	ironSensitive: false,
	saltSensitive: false,
	sheltered: false,
	version: 3,
};

function next(kind: string, words: string, rest: object = {}) {
	return {
		kind,
		day: "2026-05-20",
		words,
		mix: "",
		why: "Because.",
		working: WORKING,
		make: [],
		passedOver: [],
		...rest,
	};
}

const BED = {
	plantingId: "k1",
	name: "Winter squash",
	lastFeed: "long-keeper 1:50 on soil, 16 days ago",
	response: "",
	ladders: [{ brew: "long-keeper", rungs: ["1:100", "1:75", "1:50"], here: 2, words: "Better: stay at 1:50." }],
	from: "2026-03-25",
	until: "2026-06-17",
	marks: [
		{ day: "2026-05-04", kind: "FEED", words: "long-keeper 1:50" },
		{ day: "2026-05-21", kind: "PROPOSED_FEED", words: "shell calcium" },
	],
	next: [
		next("FEED", "4 mL shell calcium from P16, 1:1000", {
			bottleId: "b1",
			target: "SOIL",
			mix: "4 L",
			at: "2026-05-20T07:00:00Z",
			passedOver: [{ code: "P8", name: "Bean liquid", reason: "Winter squash: you pick in 3 days." }],
		}),
		next("MAKE", "nothing in store", {
			make: [{ productId: "peel-water", name: "peel water", methodId: "peel-soak" }],
		}),
	],
	looks: [
		{
			id: "l1",
			at: "2026-05-01T08:00:00Z",
			look: "UPRIGHT",
			words: "upright",
			dry: false,
			note: "deep green",
			struck: false,
		},
	],
	pick: { from: "2026-09-07", words: "Pick nothing before 7 Sept 2026.", working: WORKING },
	waterings: [{ id: "w1", at: "2026-05-02T08:00:00Z", struck: false }],
};

function garden(replies = {}) {
	return serve({
		"GET /api/beds": () => [200, [BED]],
		"GET /api/plantings": () => [200, [SQUASH]],
		"GET /api/feeds": () => [
			200,
			[
				{
					id: "f1",
					at: "2026-05-20T07:00:00Z",
					target: "soil",
					mix: "4 L",
					brews: [{ code: "P1", name: "Dock juice", strength: "1:500", amount: "8 mL" }],
					plantings: ["Winter squash"],
					decision: "Fed two days ago.",
					undone: false,
					undoable: true,
				},
			],
		],
		"GET /api/crops": () => [200, CROPS],
		...replies,
	});
}

const CROPS = [
	{
		id: "leek",
		name: "Leek",
		appetite: "HEAVY",
		appetiteWords: "heavy feeder",
		eaten: "COOKED",
		touched: true,
		ironSensitive: false,
		saltSensitive: false,
		soil: "LOAM",
		days: [
			{ stage: "SEEDLING", words: "seedlings", days: 60 },
			{ stage: "LEAFY", words: "leafy", days: 120 },
			{ stage: "BUDDING", words: "budding", days: 0 },
		],
		own: true,
	},
];

async function opened() {
	await userEvent.click(await screen.findByRole("button", { name: /Winter squash/ }));
}

describe("BedsPage", () => {
	it("tells of every bottle passed over why, on demand", async () => {
		garden();
		show(<BedsPage />);
		expect(await screen.findByText("Pick nothing before 7 Sept 2026.", { exact: false })).toBeVisible();
		expect(screen.queryByText(/you pick in 3 days/)).toBeNull();
		await userEvent.click(screen.getByRole("button", { name: "why not the other" }));
		expect(screen.getByText(/you pick in 3 days/)).toBeVisible();
	});

	it("strikes a watering that was wrong", async () => {
		const sent = garden({ "DELETE /api/beds/k1/waterings/w1": () => [200, BED] });
		show(<BedsPage />);
		await opened();
		await userEvent.click(screen.getByRole("button", { name: /Strike the watering of/ }));
		await waitFor(() => expect(sent[0]?.path).toBe("DELETE /api/beds/k1/waterings/w1"));
	});

	it("strikes an older feed only with a reason", async () => {
		const old = {
			id: "f1",
			at: "2026-05-01T07:00:00Z",
			target: "soil",
			mix: "4 L",
			brews: [{ code: "P1", name: "Dock juice", strength: "1:500", amount: "8 mL" }],
			plantings: ["Winter squash"],
			decision: "",
			undone: false,
			undoable: false,
		};
		const sent = garden({
			"GET /api/feeds": () => [200, [old]],
			"POST /api/feeds/f1/undo": () => [200, { feed: {}, bottles: [], next: [] }],
		});
		show(<BedsPage />);
		await userEvent.click(await screen.findByRole("button", { name: /Strike the feed of/ }));
		await userEvent.type(screen.getByRole("textbox", { name: "Why it is struck" }), "other bottle");
		await userEvent.click(screen.getByRole("button", { name: "Strike it" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ reason: "other bottle" }));
	});

	it("says what comes next, why, and leads to its mix", async () => {
		garden();
		show(<BedsPage />);
		expect(await screen.findByText(/4 mL shell calcium from P16, 1:1000/)).toBeVisible();
		expect(screen.getByRole("link", { name: "mix this" })).toHaveAttribute(
			"href",
			"/mix?bottle=b1&planting=k1&target=SOIL",
		);
	});

	it("notes a look in one tap and says what it changes", async () => {
		const sent = garden({
			"POST /api/beds/k1/looks": () => [200, { ...BED, response: "Pale: the next feed comes a third sooner." }],
		});
		show(<BedsPage />);
		await opened();
		await userEvent.click(screen.getByRole("checkbox", { name: "The soil is dry" }));
		await userEvent.click(screen.getByRole("button", { name: "pale" }));
		expect(await screen.findByRole("status")).toHaveTextContent("Pale: the next feed comes a third sooner.");
		expect(sent[0]?.body).toEqual({ look: "PALE", dry: true, note: "", when: "" });
		expect(sent[0]?.key).not.toBeNull();
	});

	it("shows the ladder and the coming weeks of an open planting", async () => {
		garden();
		show(<BedsPage />);
		await opened();
		expect(screen.getByRole("region", { name: "Ladder of long-keeper" })).toHaveTextContent("1:50 · here");
		expect(screen.getByRole("link", { name: "make peel water" })).toHaveAttribute("href", "/pots/new?method=peel-soak");
		expect(screen.getByText(/usually be ripening by now/)).toBeVisible();
	});

	it("steps into another stage", async () => {
		const sent = garden({ "PUT /api/plantings/k1/stage": () => [200, SQUASH] });
		show(<BedsPage />);
		await opened();
		await userEvent.click(screen.getByRole("radio", { name: "flowering" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ stage: "FLOWERING" }));
	});

	it("notes a plain watering, and strikes a look", async () => {
		const sent = garden({
			"POST /api/beds/k1/waterings": () => [200, BED],
			"DELETE /api/beds/k1/looks/l1": () => [200, BED],
		});
		show(<BedsPage />);
		await opened();
		await userEvent.type(screen.getByRole("textbox", { name: "When, if not now" }), "yesterday");
		await userEvent.click(screen.getByRole("button", { name: "Watered, plain" }));
		await userEvent.click(screen.getByRole("button", { name: /Strike the look/ }));
		await waitFor(() => expect(sent.map((call) => call.path)).toHaveLength(2));
		expect(sent[0]?.body).toEqual({ when: "yesterday" });
	});

	it("describes a planting anew on the version that was seen, and says what is wrong beside the field", async () => {
		const sent = garden({
			"PUT /api/plantings/k1": () => [422, { status: 422, field: "area", detail: "The bed must be from 0.1 m²." }],
		});
		show(<BedsPage />);
		await opened();
		await userEvent.click(screen.getByRole("button", { name: "describe it anew …" }));
		const form = within(screen.getByRole("form", { name: "Describe Winter squash anew" }));
		await userEvent.clear(form.getByRole("textbox", { name: "Ground" }));
		await userEvent.type(form.getByRole("textbox", { name: "Ground" }), "0");
		await userEvent.click(form.getByRole("button", { name: "Keep it so" }));
		expect(await form.findByText("The bed must be from 0.1 m².")).toBeVisible();
		expect(sent[0]?.body).toMatchObject({ area: "0", version: 3, name: "Winter squash" });
	});

	it("adds a planting as its crop usually is", async () => {
		const sent = garden({ "POST /api/plantings": () => [200, SQUASH] });
		show(<BedsPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Add a planting" }));
		await screen.findByRole("option", { name: "Leek" });
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Crop" }), "leek");
		await userEvent.click(screen.getByRole("radio", { name: "pots" }));
		await userEvent.type(screen.getByRole("textbox", { name: "How many pots" }), "4");
		await userEvent.type(screen.getByRole("textbox", { name: "One holds" }), "6 L");
		await userEvent.click(screen.getByRole("button", { name: "Add the planting" }));
		await waitFor(() =>
			expect(sent[0]?.body).toMatchObject({
				name: "Leek",
				cropId: "leek",
				appetite: "HEAVY",
				pots: "4",
				pot: "6 L",
				soil: "POTTING_MIX",
				stage: "SEEDLING",
			}),
		);
	});

	it("takes a feed back within the hour and hands out CSV", async () => {
		const sent = garden({ "POST /api/feeds/f1/undo": () => [200, { feed: {}, bottles: [] }] });
		show(<BedsPage />);
		await userEvent.click(await screen.findByRole("button", { name: /Take the feed of/ }));
		await waitFor(() => expect(sent[0]?.path).toBe("POST /api/feeds/f1/undo"));
		expect(screen.getByRole("link", { name: "Feeds as CSV" })).toHaveAttribute("href", "/api/feeds.csv");
		expect(screen.getByText(/Decided: Fed two days ago/)).toBeVisible();
	});

	it("invites the first planting", async () => {
		garden({ "GET /api/beds": () => [200, []], "GET /api/plantings": () => [200, []] });
		show(<BedsPage />);
		expect(await screen.findByText("No planting yet")).toBeVisible();
	});
});

describe("CropsPage", () => {
	it("describes a crop anew and takes it back", async () => {
		const sent = garden({
			"PUT /api/crops/leek": () => [200, CROPS[0]],
			"DELETE /api/crops/leek": () => [200, CROPS],
		});
		show(<CropsPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Describe Leek anew" }));
		const form = within(screen.getByRole("form", { name: "Describe Leek anew" }));
		await userEvent.clear(form.getByRole("textbox", { name: "leafy, days" }));
		await userEvent.type(form.getByRole("textbox", { name: "leafy, days" }), "100");
		await userEvent.click(form.getByRole("button", { name: "Keep it so" }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ days: { SEEDLING: "60", LEAFY: "100", BUDDING: "" } }));
		await userEvent.click(screen.getByRole("button", { name: "Take your description of Leek back" }));
		await waitFor(() => expect(sent.at(-1)?.path).toBe("DELETE /api/crops/leek"));
	});

	it("adds a crop that the list lacks, as like the first as nothing else is said", async () => {
		const sent = garden({ "POST /api/crops": () => [200, CROPS[0]] });
		show(<CropsPage />);
		const form = within(await screen.findByRole("form", { name: "Add a crop" }));
		await userEvent.type(form.getByRole("textbox", { name: "Name" }), "Sea kale");
		await userEvent.click(form.getByRole("radio", { name: "sandy" }));
		await userEvent.click(form.getByRole("radio", { name: "eaten raw" }));
		await userEvent.click(form.getByRole("checkbox", { name: "Bears little salt" }));
		await userEvent.click(form.getByRole("button", { name: "Add the crop" }));
		await waitFor(() =>
			expect(sent[0]?.body).toMatchObject({
				name: "Sea kale",
				appetite: "HEAVY",
				soil: "SANDY",
				eaten: "RAW",
				saltSensitive: true,
				ironSensitive: false,
			}),
		);
	});

	it("says beside the name that the list has it, and keeps what was typed", async () => {
		garden({
			"POST /api/crops": () => [
				422,
				{ status: 422, code: "unreadable", detail: "The list has it already.", field: "name" },
			],
		});
		show(<CropsPage />);
		const form = within(await screen.findByRole("form", { name: "Add a crop" }));
		await userEvent.type(form.getByRole("textbox", { name: "Name" }), "Leek");
		await userEvent.click(form.getByRole("button", { name: "Add the crop" }));
		expect(await form.findByText("The list has it already.")).toBeVisible();
		expect(form.getByRole("textbox", { name: "Name" })).toHaveValue("Leek");
	});
});

describe("a feed of earlier days", () => {
	it("is written down with its day, from no bottle", async () => {
		const sent = garden({
			"GET /api/bottles/kinds": () => [200, [{ id: "nettle-liquid", name: "nettle liquid", keeps: [] }]],
			"POST /api/feeds/told": (body: { when?: string }) =>
				body.when === "tomorrow"
					? [422, { status: 422, code: "unreadable", field: "when", detail: "That lies ahead." }]
					: [200, {}],
		});
		show(<BedsPage />);
		await userEvent.click(await screen.findByRole("button", { name: /^Winter squash/ }));
		await userEvent.click(screen.getByRole("button", { name: "fed already …" }));
		const form = within(screen.getByRole("form", { name: "Fed already" }));
		await screen.findByRole("option", { name: "nettle liquid" });
		await userEvent.type(form.getByRole("textbox", { name: "How strong" }), "1:10");
		const when = form.getByRole("textbox", { name: "When it was poured" });
		await userEvent.type(when, "tomorrow");
		await userEvent.click(form.getByRole("button", { name: "Write it down" }));
		expect(await form.findByText("That lies ahead.")).toBeVisible();
		await userEvent.clear(when);
		await userEvent.type(when, "yesterday");
		await userEvent.click(form.getByRole("button", { name: "Write it down" }));
		await waitFor(() =>
			expect(sent.at(-1)?.body).toMatchObject({
				plantingIds: ["k1"],
				productId: "nettle-liquid",
				strength: "1:10",
				when: "yesterday",
			}),
		);
	});
});

describe("a planting in pots", () => {
	it("is told by how many there are and what one holds, and stands in potting mix", async () => {
		const sent = garden({ "POST /api/plantings": () => [200, SQUASH] });
		show(<BedsPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Add a planting" }));
		const form = within(screen.getByRole("form", { name: "Add a planting" }));
		await userEvent.type(form.getByRole("textbox", { name: "What you call it" }), "Tubs");
		await userEvent.click(form.getByRole("radio", { name: "pots" }));
		await userEvent.type(form.getByRole("textbox", { name: "How many pots" }), "8");
		await userEvent.type(form.getByRole("textbox", { name: "One holds" }), "6 L");
		expect(form.getByRole("radio", { name: "potting mix" })).toBeChecked();
		expect(form.queryByRole("textbox", { name: "Ground" })).toBeNull();
		await userEvent.click(form.getByRole("button", { name: "Add the planting" }));
		await waitFor(() =>
			expect(sent[0]?.body).toMatchObject({ name: "Tubs", pots: "8", pot: "6 L", soil: "POTTING_MIX" }),
		);
		expect(sent[0]?.body).not.toHaveProperty("area");
	});

	it("goes back to a bed, and guesses no ground for it", async () => {
		garden();
		show(<BedsPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Add a planting" }));
		const form = within(screen.getByRole("form", { name: "Add a planting" }));
		await userEvent.click(form.getByRole("radio", { name: "pots" }));
		await userEvent.click(form.getByRole("radio", { name: "a bed" }));
		expect(form.getByRole("textbox", { name: "Ground" })).toHaveValue("");
	});
});
