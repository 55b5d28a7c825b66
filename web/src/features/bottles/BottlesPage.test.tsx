import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { BOTTLE } from "../../testing/pot";
import { serve, show } from "../../testing/serve";
import { BottlesPage } from "./BottlesPage";

const PLACES = [
	{ id: "s1", name: "Galley shelf", temperature: "19.5 °C" },
	{ id: "s2", name: "Cold box", temperature: "5 °C" },
];

function shelf(bottles: unknown[], replies: Parameters<typeof serve>[0] = {}) {
	const sent = serve({ "GET /api/bottles": () => [200, bottles], "GET /api/places": () => [200, PLACES], ...replies });
	show(<BottlesPage />);
	return sent;
}

describe("BottlesPage", () => {
	it("asks for a decision on what is past its day", async () => {
		const sent = shelf([{ ...BOTTLE, freshness: "PAST" }], { "POST /api/bottles/b1/decisions": () => [200, BOTTLE] });
		expect(await screen.findByRole("heading", { name: /Past their day/ })).toBeVisible();
		await userEvent.type(screen.getByRole("textbox", { name: "What do you see and smell?" }), "clear and sour");
		await userEvent.click(screen.getByRole("button", { name: "Keep this bottle" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ days: "30", words: "clear and sour" }));
	});

	it("shows what is used up, a page at a time, and lets it be measured again", async () => {
		const page = Array.from({ length: 25 }, (_, i) => ({ ...BOTTLE, id: `e${i}`, code: `P${100 + i}`, level: "0 mL" }));
		const sent = shelf([], {
			"GET /api/bottles/emptied": () => [200, page],
			"GET /api/bottles/emptied?after=e24": () => [200, [{ ...BOTTLE, id: "first", code: "P1", level: "0 mL" }]],
			"POST /api/bottles/first/measures": () => [200, BOTTLE],
		});
		await userEvent.click(await screen.findByRole("button", { name: "Emptied bottles" }));
		expect(await screen.findByText("P100")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Earlier ones" }));
		expect(await screen.findByText("P1")).toBeVisible();
		expect(screen.queryByRole("button", { name: "Earlier ones" })).not.toBeInTheDocument();
		await userEvent.click(screen.getAllByRole("button", { name: "not empty after all …" }).at(-1) as HTMLElement);
		await userEvent.clear(screen.getByRole("textbox", { name: "What is left" }));
		await userEvent.type(screen.getByRole("textbox", { name: "What is left" }), "80 mL");
		await userEvent.click(screen.getByRole("button", { name: "Measured" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ level: "80 mL" }));
	});

	it("takes in a bottle that is there already, without a pot", async () => {
		const kinds = [
			{
				id: "plant-juice",
				name: "Plant juice",
				solid: false,
				keeps: [{ id: "fridge", words: "in the fridge, a year" }],
			},
			{ id: "weed-liquid", name: "Weed liquid", solid: false, keeps: [{ id: "bucket", words: "in the bucket" }] },
		];
		const own = { ...BOTTLE, id: "b9", code: "P9", batchId: undefined, labelLine: "P9 · Comfrey juice" };
		const sent = shelf([own], {
			"GET /api/bottles/kinds": () => [200, kinds],
			"POST /api/bottles": () => [201, own],
		});
		await userEvent.click(await screen.findByRole("button", { name: "A bottle you have already …" }));
		expect(screen.queryByRole("link", { name: "Its pot" })).not.toBeInTheDocument();
		await screen.findByRole("option", { name: "Weed liquid" });
		await userEvent.type(screen.getByRole("textbox", { name: "What you call it" }), "Comfrey juice");
		await userEvent.type(screen.getByRole("textbox", { name: "How much" }), "1 L");
		await userEvent.type(screen.getByRole("textbox", { name: "Filled or bought when?" }), "last month");
		await userEvent.click(screen.getByRole("button", { name: "It is in store" }));
		expect(await screen.findByText(/Write P9 on it/)).toBeVisible();
		expect(sent.find((call) => call.path.startsWith("POST"))?.body).toMatchObject({
			productId: "plant-juice",
			name: "Comfrey juice",
			volume: "1 L",
			since: "last month",
			keepId: "fridge",
		});
	});

	it("says beside the field what is missing", async () => {
		const problem = { status: 422, code: "empty", field: "reason", detail: "The reason is empty." };
		shelf([BOTTLE], { "POST /api/bottles/b1/disposals": () => [422, problem] });
		await userEvent.click(await screen.findByRole("button", { name: "pour out …" }));
		await userEvent.click(screen.getByRole("button", { name: "Poured out" }));
		expect(await screen.findByText("The reason is empty.")).toBeVisible();
		expect(screen.getByText(/never into a stream or storm drain/)).toBeVisible();
	});

	it("measures a level anew and puts a bottle elsewhere", async () => {
		const sent = shelf([BOTTLE], {
			"POST /api/bottles/b1/measures": () => [200, BOTTLE],
			"PUT /api/bottles/b1/place": () => [200, BOTTLE],
		});
		await userEvent.click(await screen.findByRole("button", { name: "measure …" }));
		await userEvent.clear(screen.getByRole("textbox", { name: "What is left" }));
		await userEvent.type(screen.getByRole("textbox", { name: "What is left" }), "500 mL");
		await userEvent.click(screen.getByRole("button", { name: "Measured" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ level: "500 mL" }));
		await userEvent.click(screen.getByRole("button", { name: "move …" }));
		await userEvent.selectOptions(await screen.findByRole("combobox", { name: "Stands" }), "s2");
		await userEvent.click(screen.getByRole("button", { name: "Put there" }));
		await waitFor(() => expect(sent[1]?.body).toEqual({ placeId: "s2" }));
	});

	it("says so where none is empty yet", async () => {
		shelf([], { "GET /api/bottles/emptied": () => [200, []] });
		expect(await screen.findByRole("heading", { name: "No bottle yet" })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Emptied bottles" }));
		expect(await screen.findByText("None is empty yet.")).toBeVisible();
	});
});
