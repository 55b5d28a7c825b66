import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { amount, serve, show, WORKING } from "../../testing/serve";
import { NewPotPage } from "./NewPotPage";

const METHODS = [
	{ id: "plant-juice-open", school: "Quick, stirred" },
	{ id: "plant-juice-packed", school: "Slow, packed" },
].map((method) => ({
	...method,
	title: "Fermented plant juice",
	does: "stirred",
	costs: "Daily.",
	window: "7 to 10 days",
	sugars: [{ id: "raw-sugar", words: "raw sugar", asked: true }],
	lids: [
		{ id: "LOOSE", words: "loose lid", asked: true },
		{ id: "TIGHT", words: "tight lid", asked: false },
	],
}));

function recipe(grams: string, refusal?: string) {
	const finding = { rule: "tight-lid", severity: "REFUSE", concerns: "lid", words: refusal, working: WORKING };
	return {
		methodId: "plant-juice-open",
		school: "Quick, stirred",
		care: "stir daily",
		amounts: [
			{ id: "plant", name: "Leaves and shoots", material: "leaves", amount: amount(grams) },
			{ id: "sugar", name: "Sugar", material: "raw sugar", amount: amount(grams, "1 lb"), byVolume: "3 cups (US)" },
		],
		makes: amount("640 mL", "512 mL – 768 mL"),
		feeds: amount("321 L of feed at 1:500"),
		contents: amount("1.28 kg"),
		vessel: { id: "v1", code: "J7", kind: "JAR", capacity: "3 L" },
		lid: { id: refusal ? "TIGHT" : "LOOSE", words: "loose lid" },
		sugarId: "raw-sugar",
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
		forecast: {
			ripeness: 0,
			early: "2026-05-28T08:10:00Z",
			late: "2026-06-01T08:10:00Z",
			words: "Thu 28 May – Mon 1 June",
			reason: "Because of the shelf.",
			working: WORKING,
		},
		findings: refusal ? [finding] : [],
		refused: refusal !== undefined,
		steps: ["Chop it."],
		slip: "Cut too coarse.",
		picking: [{ title: "Know your plant", words: "Never hemlock." }],
		setting: [{ title: "Gas", words: "Never screw a lid on." }],
	};
}

type Asked = { amount?: string; lid?: string; methodId?: string; anchor?: string };

function garden(set: (body: Record<string, unknown>) => readonly [number, unknown] = () => [201, {}]) {
	return serve({
		"GET /api/methods": () => [200, METHODS],
		"GET /api/vessels": () => [200, [{ id: "v1", code: "J7", kind: "JAR", capacity: "3 L" }]],
		"GET /api/places": () => [200, [{ id: "s1", name: "Galley shelf", temperature: "19.5 °C", light: "SHADE" }]],
		"POST /api/recipes": (body) => {
			const asked = body as Asked;
			if (asked.amount === "leaves") {
				return [422, { status: 422, code: "unreadable", field: "amount", detail: "“leaves” can't be read." }];
			}
			return [200, recipe(asked.amount ?? "", asked.lid === "TIGHT" ? "It can burst the vessel." : undefined)];
		},
		"POST /api/pots": set,
	});
}

describe("NewPotPage", () => {
	it("shows what the server makes of the leaves in hand", async () => {
		garden();
		show(<NewPotPage />);
		const amount = await screen.findByRole("textbox", { name: "Weight of plant in hand" });
		await userEvent.clear(amount);
		await userEvent.type(amount, "640 g");
		expect(await screen.findByRole("cell", { name: "640 g" })).toBeVisible();
		expect(screen.getByText("1 lb · 3 cups (US)")).toBeVisible();
		expect(screen.getByText("Ready Thu 28 May – Mon 1 June")).toBeVisible();
		expect(screen.getByText("Never hemlock.")).toBeVisible();
		expect(screen.getByText("Never screw a lid on.")).toBeVisible();
	});

	it("keeps the last answer and what was typed beside a problem", async () => {
		garden();
		show(<NewPotPage />);
		const amount = await screen.findByRole("textbox", { name: "Weight of plant in hand" });
		await userEvent.clear(amount);
		await userEvent.type(amount, "leaves");
		expect(await screen.findByText("“leaves” can't be read.")).toBeVisible();
		expect(screen.getByRole("textbox", { name: "Weight of plant in hand" })).toHaveValue("leaves");
		expect(screen.getByText(/321 L of feed at 1:500/)).toBeVisible();
		expect(screen.getByRole("button", { name: "Set this pot in J7" })).toBeDisabled();
	});

	it("asks for the juice instead once that is what is fixed", async () => {
		const sent = garden();
		show(<NewPotPage />);
		await userEvent.click(await screen.findByRole("radio", { name: "I want so much juice" }));
		expect(await screen.findByRole("textbox", { name: "Juice wanted" })).toHaveValue("500 mL");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ anchor: "JUICE", amount: "500 mL" }));
	});

	it("lets nothing be set that is refused, and says why", async () => {
		garden();
		show(<NewPotPage />);
		await userEvent.selectOptions(await screen.findByRole("combobox", { name: "Lid" }), "TIGHT");
		expect(await screen.findByText(/It can burst the vessel/)).toBeVisible();
		expect(screen.getByRole("button", { name: "Refused: see why" })).toBeDisabled();
	});

	it("forgets the sugar and lid of one school when another is chosen", async () => {
		const sent = garden();
		show(<NewPotPage />);
		await userEvent.selectOptions(await screen.findByRole("combobox", { name: "Lid" }), "TIGHT");
		await userEvent.click(screen.getByRole("radio", { name: /Slow, packed/ }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ methodId: "plant-juice-packed" }));
		expect(sent.at(-1)?.body).not.toHaveProperty("lid");
	});

	it("sets the pot once under one key and goes to it", async () => {
		const sent = garden(() => [201, { summary: { id: "p9" } }]);
		show(<NewPotPage />, "/pots/new", "/pots/new");
		await userEvent.click(await screen.findByRole("button", { name: "Set this pot in J7" }));
		expect(await screen.findByText("another view")).toBeVisible();
		const set = sent.filter((call) => call.path === "POST /api/pots");
		expect(set).toHaveLength(1);
		expect(set[0]?.key).toMatch(/^[0-9a-f-]{36}$/);
		expect(set[0]?.body).toMatchObject({ name: "Plant juice", recipe: { anchor: "IN_HAND", amount: "500 g" } });
	});

	it("shows what is wrong with the name beside it", async () => {
		garden(() => [422, { status: 422, code: "empty", field: "name", detail: "The name is empty." }]);
		show(<NewPotPage />);
		await userEvent.clear(await screen.findByRole("textbox", { name: "Name of the pot" }));
		await userEvent.click(screen.getByRole("button", { name: "Set this pot in J7" }));
		expect(await screen.findByText("The name is empty.")).toBeVisible();
	});

	it("says what else stands in the way", async () => {
		garden(() => [409, { status: 409, code: "vessel-taken", detail: "J7 already holds Dock juice." }]);
		show(<NewPotPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Set this pot in J7" }));
		expect(await screen.findByText("J7 already holds Dock juice.")).toBeVisible();
	});
});
