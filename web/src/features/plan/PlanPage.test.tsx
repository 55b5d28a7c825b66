import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Plan } from "../../api/types";
import { BOOK } from "../../testing/book";
import { PLAN } from "../../testing/plan";
import { serve, show, WORKING } from "../../testing/serve";
import { PlanPage } from "./PlanPage";
import { PlanSheet } from "./PlanSheet";

function plan(changed: Partial<Plan> = {}, replies = {}) {
	let is = { ...PLAN, ...changed };
	const becomes = (next: Partial<Plan>) => () => {
		is = { ...is, ...next };
		return [204, null] as const;
	};
	return serve({
		"GET /api/plan": () => [200, is],
		"GET /api/book": () => [200, BOOK],
		"GET /api/plan/needs/plant-juice": () => [
			200,
			{ amount: "120 mL", everyDays: 7, plantings: ["Kohlrabi"], working: WORKING },
		],
		"POST /api/plan/goals": becomes({}),
		"DELETE /api/plan/goals/g1": becomes({ goals: [] }),
		"POST /api/plan/goals/g1/ease": becomes({}),
		"POST /api/plan/choices": becomes({}),
		"DELETE /api/plan/choices/plant-juice": becomes({ choices: [] }),
		"PUT /api/plan/kept": becomes({ moved: [] }),
		...replies,
	});
}

describe("the plan", () => {
	it("asks what is wanted where nothing is", async () => {
		plan({ goals: [], steps: [], started: [], gather: [], taken: [] });
		show(<PlanPage />);

		expect(await screen.findByText("Nothing is wanted yet")).toBeInTheDocument();
	});

	it("shows what becomes of each goal, and lets one go", async () => {
		plan();
		show(<PlanPage />);

		const goal = await screen.findByText(/8 L of forest liquid by Mon 22 Jun/);
		expect(goal.closest("li")).toHaveTextContent("✓ in time");
		await userEvent.click(screen.getByRole("button", { name: /Remove 8 L/ }));
		await waitFor(() => expect(screen.queryByText(/8 L of forest liquid by/)).not.toBeInTheDocument());
	});

	it("tells two brews of one title apart by how they are made", async () => {
		const [sugar] = BOOK;
		const rinse = { ...sugar?.methods[0], title: "Rice rinse", schools: 1 };
		const twins = [
			{ ...rinse, id: "rinse-fresh", product: "fresh-rinse", school: "Fresh" },
			{ ...rinse, id: "rinse-soured", product: "soured-rinse", school: "Soured" },
		];
		plan({}, { "GET /api/book": () => [200, [{ ...sugar, methods: [...(sugar?.methods ?? []), ...twins] }]] });
		show(<PlanPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Want something" }));
		expect(await screen.findByRole("option", { name: "Rice rinse, soured" })).toBeInTheDocument();
		expect(screen.getByRole("option", { name: "Rice rinse, fresh" })).toBeInTheDocument();
		expect(screen.getByRole("option", { name: "Fermented plant juice" })).toBeInTheDocument();
	});

	it("opens the first step, with its amounts, room and working", async () => {
		plan();
		show(<PlanPage />);

		const step = await screen.findByRole("region", { name: "Step: Fermented plant juice" });
		expect(step).toHaveTextContent("Mon 1 Jun, 8:00");
		expect(step).toHaveTextContent("2 days: Wed 3 Jun is the last safe day");
		expect(step).toHaveTextContent("1 kg Leaves and shoots");
		expect(step).toHaveTextContent("Keep rain off.");
		expect(within(step).getByRole("button", { name: /When to set Fermented plant juice/ })).toBeInTheDocument();
	});

	it("leads to New pot, filled in, for a step that can be started", async () => {
		plan();
		show(<PlanPage />);

		const start = await screen.findByRole("link", { name: "Start it now" });
		expect(start).toHaveAttribute("href", "/pots/new?method=plant-juice-open&want=1+L&vessel=v1&place=p1&step=s1");
	});

	it("opens with what another page wants planned", async () => {
		const sent = plan();
		show(<PlanPage />, "/plan?product=plant-juice&amount=120+mL&by=2027-02-12", "/plan");

		expect(await screen.findByRole("textbox", { name: "How much each time" })).toHaveValue("120 mL");
		await userEvent.click(screen.getByRole("button", { name: "Count back from it" }));
		await waitFor(() => expect(sent).toHaveLength(1));
		expect(sent[0]?.body).toEqual({ product: "plant-juice", amount: "120 mL", by: "2027-02-12" });
	});

	it("says what a step waits for, and opens that", async () => {
		plan();
		show(<PlanPage />);

		await userEvent.click(await screen.findByRole("button", { name: /^Woken forest liquid in B1/ }));
		const step = await screen.findByRole("region", { name: "Step: Woken forest liquid" });
		expect(step).toHaveTextContent("none, the last safe day has passed");
		await userEvent.click(within(step).getByRole("button", { name: "Fermented plant juice" }));
		expect(await screen.findByRole("region", { name: "Step: Fermented plant juice" })).toBeInTheDocument();
	});

	it("wants something over a season, as the beds drink it", async () => {
		const sent = plan();
		show(<PlanPage />);

		await userEvent.click(await screen.findByRole("button", { name: "Want something" }));
		await userEvent.click(screen.getByRole("radio", { name: "again and again" }));
		await userEvent.click(await screen.findByRole("button", { name: "take that" }));
		await userEvent.click(screen.getByRole("button", { name: "Count back from it" }));

		await waitFor(() => expect(sent).toHaveLength(1));
		expect(sent[0]?.body).toEqual({
			product: "plant-juice",
			amount: "120 mL",
			by: "2026-07-01",
			until: "2026-09-23",
			everyDays: "7",
		});
		expect(sent[0]?.key).toBeTruthy();
	});

	it("sends the strength of a mix, and keeps what was typed where it is refused", async () => {
		const sent = plan(
			{},
			{
				"POST /api/plan/goals": () => [
					422,
					{ detail: "The strength (potent) can't be read.", code: "unreadable", field: "strength" },
				],
			},
		);
		show(<PlanPage />);

		await userEvent.click(await screen.findByRole("button", { name: "Want something" }));
		await userEvent.type(screen.getByLabelText("How much each time"), "40 L");
		await userEvent.click(screen.getByRole("radio", { name: "of a mix" }));
		await userEvent.type(screen.getByLabelText("Strength of the mix"), "potent");
		await userEvent.click(screen.getByRole("button", { name: "Count back from it" }));

		expect(await screen.findByText("The strength (potent) can't be read.")).toBeInTheDocument();
		expect(screen.getByLabelText("How much each time")).toHaveValue("40 L");
		expect(sent[0]?.body).toMatchObject({ strength: "potent" });
	});

	it.each([
		["WARMER_PLACE", "/api/plan/choices", { product: "plant-juice", placeId: "p9" }],
		["SHORTER_SCHOOL", "/api/plan/choices", { product: "plant-juice", methodId: "p9" }],
		["BUY", "/api/plan/choices", { product: "plant-juice", bought: true }],
		["LATER", "/api/plan/goals/g1/ease", { days: 6, share: 1 }],
	] as const)("takes the remedy %s by a tap", async (kind, path, body) => {
		const remedy = { kind, words: "Do that", product: "plant-juice", goal: "g1", target: "p9", days: 6, amount: 1 };
		const sent = plan({
			notes: [{ kind: "LATE", words: "It is 6 days late.", goals: ["g1"], steps: [], remedies: [remedy] }],
		});
		show(<PlanPage />);

		expect(await screen.findByText("It is 6 days late.")).toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "Do that" }));
		await waitFor(() => expect(sent).toHaveLength(1));
		expect(sent[0]).toMatchObject({ path: `POST ${path}`, body });
	});

	it("says what moved and why, until that is agreed to", async () => {
		plan({
			moved: [{ step: "s1", title: "Fermented plant juice", words: "from 1 Jun to 3 Jun", why: "That day is over." }],
		});
		show(<PlanPage />);

		expect(await screen.findByText("That day is over.")).toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "All right, keep it so" }));
		await waitFor(() => expect(screen.queryByText("That day is over.")).not.toBeInTheDocument());
	});

	it("leaves open again what was settled", async () => {
		plan({ choices: [{ product: "plant-juice", name: "juice", words: "at Boiler cupboard" }] });
		show(<PlanPage />);

		await userEvent.click(await screen.findByRole("button", { name: "Leave juice open again" }));
		await waitFor(() => expect(screen.queryByText("Settled by you")).not.toBeInTheDocument());
	});

	it("lists what to gather with its caution, what to buy and what is in store", async () => {
		plan();
		show(<PlanPage />);

		const gather = await screen.findByRole("region", { name: "What to gather" });
		expect(gather).toHaveTextContent("Take at most 30 % of a wild stand.");
		expect(gather).toHaveTextContent("gather 1 kg chopped soft leaves");
		expect(gather).toHaveTextContent("buy 1 kg raw sugar");
		expect(gather).toHaveTextContent("P17 Headland wood");
	});

	it("settles how long a bin takes to fill", async () => {
		const bin = {
			...PLAN.steps[0],
			id: "b",
			fill: { product: "bin-solids", days: 14 },
			title: "Pickled kitchen waste",
		} as Plan["steps"][0];
		const sent = plan({ steps: [bin] });
		show(<PlanPage />);

		const days = await screen.findByLabelText("Days until your bin is full");
		await userEvent.clear(days);
		await userEvent.type(days, "5");
		await userEvent.click(screen.getByRole("button", { name: "Settle" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ product: "bin-solids", fillDays: "5" }));
	});

	it("gives the calendar as a file and as an address of its own", async () => {
		const address = "https://mellow.local:8443/api/calendar/mellow-abc/plan.ics";
		const sent = plan({}, { "POST /api/outside/tokens": () => [200, { token: "mellow-abc", address }] });
		show(<PlanPage />);

		expect(await screen.findByRole("link", { name: "Calendar file" })).toHaveAttribute(
			"href",
			"/api/plan/calendar.ics",
		);
		await userEvent.click(screen.getByRole("button", { name: "Make an address to subscribe to" }));
		expect(await screen.findByText(address)).toBeInTheDocument();
		expect(sent[0]?.body).toEqual({ name: "Calendar", scope: "CALENDAR" });
	});
});

describe("the season on paper", () => {
	it("has a line to tick for every step", async () => {
		plan();
		show(<PlanSheet />);

		const row = (await screen.findByText("Woken forest liquid")).closest("tr");
		expect(row).toHaveTextContent("☐ Sat 20 Jun, 20:00");
		expect(row).toHaveTextContent("in B1");
	});
});
