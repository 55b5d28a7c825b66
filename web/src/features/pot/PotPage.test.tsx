import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Pot } from "../../api/types";
import { BOTTLE, DANGER, pot, SPOILT, VERDICT } from "../../testing/pot";
import { serve, show } from "../../testing/serve";
import { PotPage } from "./PotPage";

/** What the page asks besides the pot. */
const ROUND_ABOUT = {
	"GET /api/pots/p1/photos": () => [200, []] as const,
	"GET /api/places": () => [200, [{ id: "s2", name: "Cold box", temperature: "5 °C" }]] as const,
	"GET /api/vessels": () => [200, [{ id: "v9", code: "J9", capacity: "3 L", kindWords: "jar" }]] as const,
};

type Replies = Parameters<typeof serve>[0];

function open(shown: unknown, replies: Replies = {}) {
	const sent = serve({ ...ROUND_ABOUT, "GET /api/pots/p1": () => [200, shown], ...replies });
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

	it("heads the page with a danger and its one action, in place of dates and care", async () => {
		const sent = open(pot({ dangers: [DANGER] }), { "POST /api/pots/p1/checks": () => [200, pot()] });
		const danger = await screen.findByRole("alert", { name: "Danger: Dock juice" });
		expect(within(danger).getByRole("heading", { name: "Let the gas out now" })).toBeVisible();
		expect(screen.queryByText(/stir daily/)).not.toBeInTheDocument();
		await userEvent.click(within(danger).getByRole("button", { name: "Done: vented" }));
		expect(await screen.findByText(/stir daily/)).toBeVisible();
		expect(sent[0]?.body).toMatchObject({ act: "VENTED" });
	});

	it("heads the page of what is beyond saving with why, how to be rid of it, and the one form", async () => {
		const verdict = {
			...VERDICT,
			kind: "THROW_AWAY",
			reasons: ["Coloured mould."] as string[],
			disposal: "Bury it.",
		} as const;
		const sent = open(pot({ verdict, dangers: [SPOILT] }), {
			"POST /api/pots/p1/disposals": () => [200, pot({ state: "THROWN_AWAY", dangers: [] })],
		});
		const danger = await screen.findByRole("alert", { name: "Danger: Dock juice" });
		expect(within(danger).getByText("Coloured mould. Bury it.")).toBeVisible();
		expect(within(danger).getByRole("textbox", { name: "Why are you throwing it away?" })).toHaveValue(
			"Coloured mould.",
		);
		await userEvent.click(within(danger).getByRole("button", { name: "Log as thrown away" }));
		expect(await screen.findByText(/Its vessel J4 is free again/)).toBeVisible();
		expect(sent[0]?.body).toEqual({ reason: "Coloured mould." });
	});

	it("heads the page of a ready pot with its verdict, which leads to the straining", async () => {
		open(pot({ verdict: { ...VERDICT, kind: "READY", headline: "Ready: strain it" } }));
		expect(await screen.findByRole("heading", { name: "Ready: strain it" })).toBeVisible();
		expect(screen.queryByText(/stir daily/)).not.toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "Empty it …" }));
		expect(document.getElementById("end")).toContainElement(document.activeElement as HTMLElement);
	});

	it("strains early only after the gardener has decided so", async () => {
		const sent = open(pot(), {
			"POST /api/pots/p1/bottles": (body) => (body.early ? [200, [BOTTLE]] : [422, NOT_READY]),
		});
		await userEvent.click(await screen.findByRole("button", { name: "Strained: fill a bottle" }));
		expect(await screen.findByText(/It isn't ready/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Strain it early" }));
		expect(await screen.findByText(/Bottled as P3: 620 mL/)).toBeVisible();
		expect(screen.getByText("P3 · Pea-shoot juice")).toBeVisible();
		expect(sent.map((call) => call.body)).toEqual([
			{
				bottles: [{ volume: "380 mL", keepId: "fridge", guessed: true }],
				early: false,
				residueStays: false,
				rescue: false,
			},
			{
				bottles: [{ volume: "380 mL", keepId: "fridge", guessed: true }],
				early: true,
				residueStays: false,
				rescue: false,
			},
		]);
	});

	it("wrings where the stage ends so", async () => {
		const sent = open(pot({ exit: "WRING" }), { "POST /api/pots/p1/wringings": () => [200, pot()] });
		await userEvent.click(await screen.findByRole("button", { name: "Wrung out: liquid is back" }));
		expect(await screen.findByRole("button", { name: "Strained: fill a bottle" })).toBeVisible();
		expect(sent[0]?.body).toEqual({ early: false });
	});

	it("shows all that was typed at an earlier visit and never sent, before anything is asked", async () => {
		const value = { when: "yesterday", readings: { PH: "3.9" }, signs: {} };
		localStorage.setItem("typed: visit to p1", JSON.stringify({ value, at: Date.now() - 86_400_000 }));
		open(pot(), { "GET /api/typed": () => [200, { readings: [] }] });
		expect(await screen.findByRole("textbox", { name: "When, if not now" })).toHaveValue("yesterday");
		expect(screen.getByRole("textbox", { name: /pH/ })).toHaveValue("3.9");
		const told = screen.getByText(/not sent yet/);
		expect(told.compareDocumentPosition(screen.getByText("Bubbles"))).toBe(Node.DOCUMENT_POSITION_FOLLOWING);
		await userEvent.click(screen.getByRole("button", { name: "Begin afresh" }));
		expect(screen.queryByText(/not sent yet/)).toBeNull();
		expect(screen.getByRole("textbox", { name: "When, if not now" })).toHaveValue("");
	});

	it("strikes an entry by a new one that names it", async () => {
		const sent = open(pot(), { "POST /api/pots/p1/checks": () => [200, pot()] });
		await userEvent.click(await screen.findByRole("button", { name: /Strike the entry of Tue 19 May/ }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ corrects: "c1", signs: {} }));
	});

	it("corrects an entry from what was sensed there, and goes back to the visit of today", async () => {
		const entry = { ...(pot().log[0] as Pot["log"][number]), signs: { smell: "sweet-sour" } };
		const sent = open(pot({ log: [entry] }), { "POST /api/pots/p1/checks": () => [200, pot()] });
		await userEvent.click(await screen.findByRole("button", { name: /Correct the entry of Tue 19 May/ }));
		expect(screen.getByText(/The wrong one stays readable/)).toBeVisible();
		expect(screen.getByRole("button", { name: "sweet-sour" })).toHaveAttribute("aria-pressed", "true");
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		await waitFor(() =>
			expect(sent[0]?.body).toMatchObject({ corrects: "c1", signs: { smell: "sweet-sour", bubbles: "few-bubbles" } }),
		);
		await waitFor(() => expect(screen.queryByText(/The wrong one stays readable/)).toBeNull());
	});

	it("throws away only with a reason", async () => {
		const problem = { status: 422, code: "empty", field: "reason", detail: "The reason is empty." };
		open(pot(), { "POST /api/pots/p1/disposals": () => [422, problem] });
		await userEvent.click(await screen.findByRole("button", { name: "Throw it away …" }));
		await userEvent.click(screen.getByRole("button", { name: "Log as thrown away" }));
		expect(await screen.findByText("The reason is empty.")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Cancel" }));
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
		const sent = open(pot({ state: "WATER_STANDING" }), {
			"POST /api/pots/p1/fillings": () => [200, pot()],
		});
		await userEvent.click(await screen.findByRole("button", { name: "Filled: its clock starts now" }));
		expect(await screen.findByRole("heading", { name: "Strain and bottle" })).toBeVisible();
		expect(sent.map((call) => call.path)).toEqual(["POST /api/pots/p1/fillings"]);
	});

	it("buries a bin and goes on to the next stage where the stage ends so", async () => {
		const sent = open(pot({ exit: "BURY" }), {
			"POST /api/pots/p1/uses": () => [200, pot({ exit: "GO_ON" })],
		});
		await userEvent.click(await screen.findByRole("button", { name: "Buried" }));
		expect(await screen.findByRole("button", { name: "Done: it goes on" })).toBeVisible();
		expect(sent[0]?.body).toMatchObject({ early: false });
	});

	it("tells dangers while it works, and what was decided against advice", async () => {
		const danger = { title: "Gas", words: "Open it away from your face." };
		open(pot({ cautions: [danger], decisions: ["It is indoors."] }));
		expect(await screen.findByText("Open it away from your face.")).toBeVisible();
		expect(screen.getByText(/It is indoors/)).toBeVisible();
	});

	it("strains into several bottles, each kept its own way", async () => {
		const sent = open(pot(), {
			"POST /api/pots/p1/bottles": () => [200, [BOTTLE, { ...BOTTLE, id: "b2", code: "P4" }]],
		});
		await userEvent.click(await screen.findByRole("button", { name: "another bottle …" }));
		await userEvent.type(screen.getByRole("textbox", { name: "As measured 2" }), "100 mL");
		await screen.findByRole("option", { name: "Cold box" }).catch(() => undefined);
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Stands 2" }), "Cold box");
		await userEvent.click(screen.getByRole("checkbox", { name: /stays in the vessel as a starter/ }));
		await userEvent.click(screen.getByRole("button", { name: "Strained: fill 2 bottles" }));
		expect(await screen.findByText(/Bottled as P4/)).toBeVisible();
		expect(sent[0]?.body).toMatchObject({
			bottles: [
				{ volume: "380 mL", keepId: "fridge", guessed: true },
				{ volume: "100 mL", keepId: "fridge", placeId: "s2", guessed: false },
			],
			residueStays: true,
		});
	});

	it("keeps a spoilt pot for nothing edible only where that may be, and says that it is noted", async () => {
		const verdict = { ...VERDICT, kind: "THROW_AWAY", rescuable: true } as const;
		const sent = open(pot({ verdict }), { "POST /api/pots/p1/bottles": () => [200, [BOTTLE]] });
		expect(await screen.findByText(/for soil where nothing you eat grows; that is noted/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Keep it, for plants you don't eat" }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ rescue: true }));
	});

	it("offers no way to keep what is too dangerous", async () => {
		open(pot({ verdict: { ...VERDICT, kind: "THROW_AWAY" }, dangers: [SPOILT] }));
		expect(await screen.findByRole("button", { name: "Log as thrown away" })).toBeVisible();
		expect(screen.queryByRole("form", { name: "Strain and bottle" })).toBeNull();
	});

	it("moves it, and asks again where that is unwise", async () => {
		const finding = { rule: "frost", severity: "CONFIRM", concerns: "place", words: "", working: {} };
		const unwise = { status: 422, code: "frost", detail: "Frost must not reach it.", finding };
		const sent = open(pot(), {
			"POST /api/pots/p1/moves": (body) => ((body.confirmed as string[]).length > 0 ? [200, pot()] : [422, unwise]),
		});
		await userEvent.click(await screen.findByRole("button", { name: "Move it …" }));
		await userEvent.click(await screen.findByRole("button", { name: "Moved" }));
		expect(await screen.findByText("Frost must not reach it.")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Move it all the same" }));
		await waitFor(() => expect(sent[1]?.body).toEqual({ placeId: "s2", confirmed: ["frost"] }));
	});

	it("covers it with another lid where it stands", async () => {
		const sent = open(pot(), { "POST /api/pots/p1/moves": () => [200, pot({ lid: "airlock" })] });
		await userEvent.click(await screen.findByRole("button", { name: "Move it …" }));
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Where to" }), "where it stands");
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Its lid" }), "airlock");
		await userEvent.click(screen.getByRole("button", { name: "Moved" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ lid: "AIRLOCK", confirmed: [] }));
	});

	it("asks before it splits below what works, and notes the decision", async () => {
		const finding = { rule: "too-small", severity: "CONFIRM", concerns: "size", words: "Too small." };
		const unwise = { status: 422, code: "too-small", field: "size", detail: "Too small.", finding };
		const sent = open(pot(), {
			"POST /api/pots/p1/splits": (body) => ((body.confirmed as string[]).length > 0 ? [200, pot()] : [422, unwise]),
		});
		await userEvent.click(await screen.findByRole("button", { name: "Split it …" }));
		await screen.findByRole("option", { name: /J9/ });
		await userEvent.click(screen.getByRole("button", { name: "Split" }));
		await userEvent.click(await screen.findByRole("button", { name: "Split it all the same" }));
		await waitFor(() => expect(sent[1]?.body).toMatchObject({ confirmed: ["too-small"] }));
	});

	it("splits a part of it off into a free vessel", async () => {
		const sent = open(pot(), { "POST /api/pots/p1/splits": () => [200, pot()] });
		await userEvent.click(await screen.findByRole("button", { name: "Split it …" }));
		await screen.findByRole("option", { name: "J9, 3 L jar" });
		await userEvent.click(screen.getByRole("button", { name: "Split" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ vesselId: "v9", share: "50", confirmed: [] }));
	});

	it("draws from a bucket that is topped up", async () => {
		const sent = open(pot({ toppedUp: true }), { "POST /api/pots/p1/drawings": () => [200, BOTTLE] });
		const form = within(await screen.findByRole("form", { name: "Draw what you need" }));
		await userEvent.type(form.getByRole("textbox", { name: "As measured" }), "2 L");
		await userEvent.click(form.getByRole("button", { name: "Drawn: fill a bottle" }));
		await waitFor(() =>
			expect(sent[0]?.body).toEqual({
				bottle: { volume: "2 L", keepId: "fridge", guessed: false },
				toppedUp: true,
				early: false,
			}),
		);
	});

	it("leaves what is ready standing", async () => {
		const verdict = { ...VERDICT, kind: "READY" } as const;
		const held = pot({ verdict, state: "HOLDING" });
		open(pot({ verdict }), { "POST /api/pots/p1/holdings": () => [200, held] });
		await userEvent.click(await screen.findByRole("button", { name: "Leave it standing" }));
		expect(await screen.findByText(/left standing in its vessel by your decision/)).toBeVisible();
		expect(screen.queryByRole("button", { name: "Leave it standing" })).toBeNull();
	});

	it("leads from its bottles to the next stage, with the amount that came out", async () => {
		const next = {
			methodId: "activated-culture",
			title: "Woken culture",
			school: "Usual",
			partId: "serum",
			bottleId: "b1",
			bottleCode: "P3",
			amount: "620 mL",
			hurry: "",
		};
		open(pot({ state: "EMPTIED", line: { from: [], bottles: [BOTTLE], into: [], next: [next] } }));
		expect(await screen.findByRole("link", { name: /Woken culture/ })).toHaveAttribute(
			"href",
			"/pots/new?method=activated-culture&in.serum=620+mL&from.serum=b1",
		);
		expect(screen.getByRole("link", { name: "Fill J4 again" })).toHaveAttribute(
			"href",
			"/pots/new?method=plant-juice-open&vessel=v4&refills=p1",
		);
	});

	it("strikes a reading that came in by itself", async () => {
		const entry = { ...(pot().log[0] as Pot["log"][number]), id: "r1", kind: "READING" } as const;
		const sent = open(pot({ log: [entry] }), { "POST /api/pots/p1/readings/r1/strikes": () => [200, pot()] });
		await userEvent.click(await screen.findByRole("button", { name: /Strike the entry/ }));
		await waitFor(() => expect(sent[0]?.path).toBe("POST /api/pots/p1/readings/r1/strikes"));
	});

	it("tells readings with their days to who can't see the chart", async () => {
		const warmth = ["2026-05-19T08:00:00Z", "2026-05-20T08:00:00Z"].map((at) => ({ at, value: 19 }));
		const series = { meter: "PH", words: "pH", unit: "", points: [{ at: "2026-05-19T08:00:00Z", value: 4.9 }] };
		open(pot({ chart: { warmth, series: [series], limits: [] } } as never));
		const table = await screen.findByRole("table", { name: "pH" });
		expect(within(table).getByRole("row", { name: /Tue 19 May.*4.9/ })).toBeInTheDocument();
	});

	it("takes a picture in and out again", async () => {
		const photo = { id: "f1", at: "2026-05-20T08:00:00Z", width: 4, height: 3 };
		const sent = open(pot(), {
			"POST /api/pots/p1/photos": () => [200, [photo]],
			"POST /api/pots/p1/photos/f1/strikes": () => [200, []],
		});
		const file = new File(["x"], "pot.jpg", { type: "image/jpeg" });
		await userEvent.upload(await screen.findByLabelText("A picture of Dock juice"), file);
		expect(await screen.findByRole("img", { name: /The pot on Wed 20 May/ })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: /Take the picture of Wed 20 May.* out/ }));
		await waitFor(() => expect(screen.queryByRole("img", { name: /The pot on/ })).toBeNull());
		expect(sent.map((call) => call.path)).toContain("POST /api/pots/p1/photos/f1/strikes");
	});

	it("tells the bottle that sugar makes necessary instead of the plain one", async () => {
		const is = pot();
		const words = "Stir 773 g of brown sugar into 750 mL. It wants a bottle of 1.45 L or more.";
		const sweet = {
			id: "sugar",
			words: "with sugar",
			days: "365 days",
			markWords: "",
			sugar: { words, working: is.verdict.working },
		};
		open(pot({ bottling: { ...is.bottling, keeps: [...is.bottling.keeps, sweet] } }));
		expect(await screen.findByText(/into a bottle of 447 mL or more/)).toBeVisible();
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Kept" }), "sugar");
		expect(screen.getByText(/It wants a bottle of 1.45 L or more/)).toBeVisible();
		expect(screen.queryByText(/into a bottle of 447 mL or more/)).not.toBeInTheDocument();
	});

	it("learns from a volume only once it was typed", async () => {
		const sent = open(pot(), { "POST /api/pots/p1/bottles": () => [200, [BOTTLE]] });
		const volume = await screen.findByRole("textbox", { name: "As measured" });
		expect(screen.getByRole("checkbox", { name: /^Not measured/ })).toBeChecked();
		await userEvent.clear(volume);
		await userEvent.type(volume, "400 mL");
		expect(screen.getByRole("checkbox", { name: /^Not measured/ })).not.toBeChecked();
		await userEvent.click(screen.getByRole("button", { name: "Strained: fill a bottle" }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ bottles: [{ volume: "400 mL", guessed: false }] }));
	});

	it("fills what is used at once into a can, and asks Mix which plants get it", async () => {
		const sent = open(pot({ exit: "USE" }), { "POST /api/pots/p1/bottles": () => [200, [BOTTLE]] });
		await userEvent.click(await screen.findByRole("button", { name: "Into the can, for plants" }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ bottles: [{ volume: "380 mL", guessed: true }] }));
	});

	it("pours out what no plants get only where that is said", async () => {
		const sent = open(pot({ exit: "USE" }), { "POST /api/pots/p1/uses": () => [200, pot()] });
		await userEvent.click(await screen.findByRole("button", { name: "Poured where no plants grow" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ early: false, elsewhere: true }));
	});

	it("shows the can that a visit drained into", async () => {
		const drains = { name: "bin liquid", strength: "1:100", keeps: "the same day" };
		const sent = open(pot({ drains }), {
			"POST /api/pots/p1/checks": () => [
				200,
				pot({ drains, line: { from: [], bottles: [BOTTLE], into: [], next: [] } }),
			],
		});
		await userEvent.type(await screen.findByRole("textbox", { name: "What drained off: bin liquid" }), "300 mL");
		await userEvent.click(screen.getByRole("button", { name: /log it/ }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ drained: "300 mL" }));
		expect(await screen.findByRole("link", { name: "Mix from P3" })).toBeVisible();
	});

	const EMPTIED = {
		kind: "ENDED",
		at: "2026-05-20T08:00:00Z",
		words: "J3 was emptied into P3.",
		act: "Put it back into J3",
	} as const;

	it("puts back what was emptied by mistake, at once within the hour", async () => {
		const sent = open(pot({ state: "EMPTIED", takeBack: { ...EMPTIED, wantsReason: false } }), {
			"POST /api/pots/p1/takebacks": () => [200, pot()],
		});
		await userEvent.click(await screen.findByRole("button", { name: "Put it back into J3" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ reason: "" }));
	});

	it("asks for a reason later", async () => {
		const sent = open(pot({ state: "EMPTIED", takeBack: { ...EMPTIED, wantsReason: true } }), {
			"POST /api/pots/p1/takebacks": (body) =>
				body.reason ? [200, pot()] : [422, { status: 422, code: "unreadable", field: "reason", detail: "Say why." }],
		});
		await userEvent.click(await screen.findByRole("button", { name: /Was that a mistake/ }));
		await userEvent.click(screen.getByRole("button", { name: "Put it back into J3" }));
		expect(await screen.findByText("Say why.")).toBeVisible();
		await userEvent.type(screen.getByRole("textbox", { name: "Why it is taken back" }), "it was J9");
		await userEvent.click(screen.getByRole("button", { name: "Put it back into J3" }));
		await waitFor(() => expect(sent.at(-1)?.body).toEqual({ reason: "it was J9" }));
	});
});
