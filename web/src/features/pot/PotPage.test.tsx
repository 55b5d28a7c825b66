import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { amount, serve, show, WORKING } from "../../testing/serve";
import { PotPage } from "./PotPage";

const VERDICT = {
	kind: "NOT_YET",
	headline: "Not yet: about 2 more days",
	reasons: ["It smells as it should."],
	urgent: [],
	advice: [],
	limits: [],
	working: WORKING,
};

function pot(changes: Record<string, unknown> = {}) {
	return {
		summary: {
			id: "p1",
			name: "Dock juice",
			code: "J4",
			vesselKind: "JAR",
			waterStanding: false,
			family: "SUGAR",
			title: "Fermented plant juice",
			school: "Quick, stirred",
			placeId: "s1",
			place: "Shelf",
			setAt: "2026-05-14T08:10:00Z",
			day: 7,
			standingShare: 0.4,
			forecast: { ripeness: 0.7, words: "Fri 22 May", reason: "", working: WORKING },
			checks: [],
			verdict: "NOT_YET",
			headline: "Not yet",
			urgent: false,
			careDue: "2026-05-20T07:00:00Z",
		},
		state: "WORKING",
		ended: "",
		contents: ["380 g of leaves", "380 g of raw sugar"],
		decisions: [],
		dangers: [],
		capacity: "1.5 L",
		lid: "loose lid",
		capShare: 0,
		neededShare: 0.25,
		standing: WORKING,
		stageName: "Working in the jar",
		exit: "STRAIN",
		care: "stir daily",
		usualAct: "STIRRED",
		acts: ["LOOKED", "STIRRED"],
		senses: [],
		verdict: VERDICT,
		log: [
			{
				id: "c1",
				at: "2026-05-19T08:10:00Z",
				act: "stirred",
				words: ["smell rotten"],
				signs: {},
				struck: false,
				correction: false,
			},
		],
		bottling: {
			solid: false,
			expected: amount("380 mL"),
			most: amount("670 mL"),
			bottle: amount("447 mL"),
			keeps: [{ id: "fridge", words: "in the fridge", days: "365 days", markWords: "common practice" }],
			cautions: [{ title: "Alive", words: "Leave the cap loose." }],
		},
		...changes,
	};
}

type Replies = Parameters<typeof serve>[0];

function open(shown: unknown, replies: Replies = {}) {
	const sent = serve({ "GET /api/pots/p1": () => [200, shown], ...replies });
	show(<PotPage />, "/pots/p1", "/pots/:id");
	return sent;
}

const NOT_READY = { status: 422, code: "not-ready", field: "verdict", detail: "It isn't ready." };

describe("PotPage", () => {
	it("tells the verdict with its reasons, and that care is due", async () => {
		open(pot());
		expect(await screen.findByRole("heading", { name: "Not yet: about 2 more days" })).toBeVisible();
		expect(screen.getByText(/It smells as it should/)).toBeVisible();
		expect(screen.getByText(/due now/)).toBeVisible();
	});

	it("puts what can't wait above the verdict, and how to be rid of it below", async () => {
		const verdict = {
			...VERDICT,
			kind: "THROW_AWAY",
			urgent: ["Vent it now."],
			disposal: "Bury it.",
			advice: ["Cover it better."],
		};
		open(pot({ verdict }));
		expect(await screen.findByText("Vent it now.")).toBeVisible();
		expect(screen.getByText("Bury it.")).toBeVisible();
		expect(screen.getByText("Cover it better.")).toBeVisible();
	});

	it("strains early only after the gardener has decided so", async () => {
		const bottle = {
			id: "b1",
			code: "P4",
			level: "380 mL",
			useByWords: "keeps to May",
			useByWorking: WORKING,
			labelLine: "P4 · Dock",
		};
		const sent = open(pot(), {
			"POST /api/pots/p1/bottles": (body) => (body.early ? [200, bottle] : [422, NOT_READY]),
		});
		await userEvent.click(await screen.findByRole("button", { name: "Strained: fill a bottle" }));
		expect(await screen.findByText(/It isn't ready/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Strain it early" }));
		expect(await screen.findByText(/Bottled as P4: 380 mL/)).toBeVisible();
		expect(screen.getByText("P4 · Dock")).toBeVisible();
		expect(sent.map((call) => call.body)).toEqual([
			{ volume: "380 mL", keepId: "fridge", early: false },
			{ volume: "380 mL", keepId: "fridge", early: true },
		]);
	});

	it("wrings where the stage ends so", async () => {
		const sent = open(pot({ exit: "WRING" }), { "POST /api/pots/p1/wringings": () => [200, pot()] });
		await userEvent.click(await screen.findByRole("button", { name: "Wrung out: liquid is back" }));
		expect(await screen.findByRole("button", { name: "Strained: fill a bottle" })).toBeVisible();
		expect(sent[0]?.body).toEqual({ early: false });
	});

	it("strikes an entry by a new one that names it", async () => {
		const sent = open(pot(), { "POST /api/pots/p1/checks": () => [200, pot()] });
		await userEvent.click(await screen.findByRole("button", { name: /Strike the entry of Tue 19 May/ }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ corrects: "c1", signs: {} }));
	});

	it("throws away only with a reason", async () => {
		const problem = { status: 422, code: "empty", field: "reason", detail: "The reason is empty." };
		open(pot(), { "POST /api/pots/p1/disposals": () => [422, problem] });
		await userEvent.click(await screen.findByRole("button", { name: "Throw it away …" }));
		await userEvent.click(screen.getByRole("button", { name: "Thrown away" }));
		expect(await screen.findByText("The reason is empty.")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Keep it" }));
		expect(screen.queryByText("The reason is empty.")).toBeNull();
	});

	it("says how an ended pot ended, and asks nothing more of it", async () => {
		open(pot({ state: "THROWN_AWAY", ended: "black mould" }));
		expect(await screen.findByText(/black mould\. Its vessel J4 is free again/)).toBeVisible();
		expect(screen.queryByRole("button", { name: "Strained: fill a bottle" })).toBeNull();
	});

	it("leads back where there is no such pot", async () => {
		const missing = { status: 404, code: "missing", detail: "This garden has no such pot." };
		serve({ "GET /api/pots/p1": () => [404, missing] });
		show(<PotPage />, "/pots/p1", "/pots/:id");
		expect(await screen.findByRole("alert")).toHaveTextContent("This garden has no such pot.");
		expect(screen.getByRole("link", { name: "Back to all pots" })).toBeVisible();
	});

	it("lets the water stand first, and counts from the filling", async () => {
		const sent = serve({
			"GET /api/pots/p1": () => [200, pot({ state: "WATER_STANDING" })],
			"POST /api/pots/p1/fillings": () => [200, pot()],
		});
		show(<PotPage />, "/pots/p1", "/pots/:id");
		await userEvent.click(await screen.findByRole("button", { name: "Filled: its clock starts now" }));
		expect(await screen.findByRole("heading", { name: "Strain and bottle" })).toBeVisible();
		expect(sent.map((call) => call.path)).toEqual(["POST /api/pots/p1/fillings"]);
	});

	it("buries a bin and goes on to the next stage where the stage ends so", async () => {
		const sent = serve({
			"GET /api/pots/p1": () => [200, pot({ exit: "BURY" })],
			"POST /api/pots/p1/uses": () => [200, pot({ exit: "GO_ON" })],
		});
		show(<PotPage />, "/pots/p1", "/pots/:id");
		await userEvent.click(await screen.findByRole("button", { name: "Buried" }));
		expect(await screen.findByRole("button", { name: "Done: it goes on" })).toBeVisible();
		expect(sent[0]?.body).toEqual({ early: false });
	});

	it("tells dangers while it works, and what was decided against advice", async () => {
		const danger = { title: "Gas", words: "Open it away from your face." };
		serve({ "GET /api/pots/p1": () => [200, pot({ dangers: [danger], decisions: ["It is indoors."] })] });
		show(<PotPage />, "/pots/p1", "/pots/:id");
		expect(await screen.findByText("Open it away from your face.")).toBeVisible();
		expect(screen.getByText(/It is indoors/)).toBeVisible();
	});
});
