import { cleanup, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Round, Stop } from "../../api/types";
import { keep } from "../../outbox";
import { emptyOutbox, kept } from "../../testing/outbox";
import { BOTTLE, DANGER, pot, SPOILT, VERDICT } from "../../testing/pot";
import { serve, show } from "../../testing/serve";
import { RoundPage } from "./RoundPage";
import { RoundSheet } from "./RoundSheet";

function stop(id: string, name: string, changes: Partial<Stop> = {}): Stop {
	return {
		id,
		name,
		code: id.toUpperCase(),
		vesselKind: "JAR",
		family: "SUGAR",
		standingShare: 0.4,
		tasks: ["stir"],
		pressing: false,
		done: false,
		did: "",
		verdict: "NOT_YET",
		headline: "Not yet: about 2 more days",
		ripeShare: 0.3,
		...changes,
	};
}

function round(stops: Stop[], changes: Partial<Round> = {}): Round {
	return {
		today: "2026-05-20",
		dangers: [],
		places: stops.length === 0 ? [] : [{ id: "s1", name: "Shelf", warmth: "19.5 °C", stops }],
		minutes: 12,
		leftAlone: 2,
		doubled: [],
		weather: "9 °C now, dry",
		simulated: true,
		feeds: [],
		bottles: [],
		ahead: [],
		...changes,
	};
}

function named(id: string, name: string) {
	const shown = pot();
	return { ...shown, summary: { ...shown.summary, id, name, code: id.toUpperCase() } };
}

function serveRound(answer: Round | (() => Round)) {
	const now = typeof answer === "function" ? answer : () => answer;
	return serve({
		"GET /api/round": () => [200, now()],
		"GET /api/pots/p1": () => [200, named("p1", "Dock juice")],
		"GET /api/pots/p2": () => [200, named("p2", "Pea juice")],
		"POST /api/pots/p1/checks": () => [200, named("p1", "Dock juice")],
	});
}

const KEPT = { act: "STIRRED" as const, signs: {}, readings: {}, standIns: [], confirmed: [] };

describe("RoundPage on the phone", () => {
	const WIDE = window.matchMedia;
	afterEach(() => vi.stubGlobal("matchMedia", WIDE));

	it("shows the walk as a row of pieces, one stop with its acts under the thumb, and what was logged", async () => {
		vi.stubGlobal("matchMedia", (media: string) => ({ ...WIDE(media), matches: true }));
		const sent = serveRound(round([stop("p1", "Dock juice"), stop("p2", "Pea juice")]));
		show(<RoundPage />);
		const walk = within(await screen.findByRole("navigation", { name: "Stops" }));
		expect(walk.getAllByRole("button").map((piece) => piece.getAttribute("aria-current"))).toEqual(["step", null]);
		const open = within(await screen.findByRole("region", { name: "Dock juice" }));
		expect(open.queryByText("add a note, or another day …")).toBeNull();
		await userEvent.click(open.getByRole("button", { name: "More to log" }));
		expect(open.getByText("add a note, or another day …")).toBeVisible();

		await userEvent.click(open.getByRole("button", { name: /log, next/ }));
		await waitFor(() => expect(sent).toHaveLength(1));
		expect(await screen.findByRole("link", { name: "correct it" })).toHaveAttribute("href", "/pots/p1#log-title");
		expect(await screen.findByRole("region", { name: "Pea juice" })).toBeVisible();

		await userEvent.click(walk.getByRole("button", { name: "P1 Dock juice" }));
		expect(await screen.findByRole("region", { name: "Dock juice" })).toBeVisible();
	});
});

describe("RoundPage", () => {
	afterEach(emptyOutbox);

	it("opens the first stop with something left to do, and counts what is done", async () => {
		serveRound(round([stop("p1", "Dock juice", { done: true, did: "stirred" }), stop("p2", "Pea juice")]));
		show(<RoundPage />);
		expect(await screen.findByRole("heading", { name: "One stop left" })).toBeVisible();
		expect(screen.getByText(/about 12 minutes · 1 done · 2 best left alone/)).toBeVisible();
		expect(await screen.findByRole("region", { name: "Pea juice" })).toBeVisible();
		expect(screen.getByRole("button", { name: /Dock juice.*stirred ✓/ })).toBeVisible();
	});

	it("logs a visit and goes on to the next stop", async () => {
		const sent = serveRound(round([stop("p1", "Dock juice"), stop("p2", "Pea juice")]));
		show(<RoundPage />);
		await userEvent.click(await screen.findByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log, next stop/ }));
		expect(await screen.findByRole("region", { name: "Pea juice" })).toBeVisible();
		expect(sent[0]?.body).toMatchObject({ act: "STIRRED", signs: { bubbles: "few-bubbles" } });
	});

	it("shows a danger and its one action on top, whatever stop is open", async () => {
		const sent = serveRound(round([stop("p2", "Pea juice"), stop("p1", "Dock juice")], { dangers: [DANGER] }));
		show(<RoundPage />);
		await screen.findByRole("region", { name: "Pea juice" });
		const danger = screen.getByRole("alert", { name: "Danger: Dock juice" });
		expect(within(danger).getByRole("heading", { name: "J4 Let the gas out now" })).toBeVisible();
		expect(within(danger).getByText(/away from your face/)).toBeVisible();
		await userEvent.click(within(danger).getByRole("button", { name: "Done: vented" }));
		await waitFor(() => expect(sent[0]?.path).toBe("POST /api/pots/p1/checks"));
		expect(sent[0]?.body).toMatchObject({ act: "VENTED", signs: {} });
	});

	it("leads from what is beyond saving to where it is thrown away", async () => {
		serveRound(round([stop("p1", "Dock juice")], { dangers: [SPOILT] }));
		show(<RoundPage />);
		const away = await screen.findByRole("link", { name: "Throw it away …" });
		expect(away).toHaveAttribute("href", "/pots/p1#end");
	});

	it("shows what a visit changed before it goes on", async () => {
		const spoilt = named("p1", "Dock juice");
		const after = {
			...spoilt,
			dangers: [SPOILT],
			verdict: { ...VERDICT, kind: "THROW_AWAY", headline: "Throw it away" },
		};
		let done = false;
		serve({
			"GET /api/round": () => [200, round([stop("p1", "Dock juice", { done }), stop("p2", "Pea juice")])],
			"GET /api/pots/p1": () => [200, done ? after : spoilt],
			"GET /api/pots/p2": () => [200, named("p2", "Pea juice")],
			"POST /api/pots/p1/checks": () => {
				done = true;
				return [200, after];
			},
		});
		show(<RoundPage />);
		await userEvent.click(await screen.findByRole("button", { name: /Stirred, log, next stop/ }));
		expect(await screen.findByText(/It changes what to do here/)).toBeVisible();
		expect(screen.getByText("Coloured mould. Bury it.")).toBeVisible();
		expect(screen.getByRole("region", { name: "Dock juice" })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Next stop" }));
		expect(await screen.findByRole("region", { name: "Pea juice" })).toBeVisible();
	});

	it("keeps what was sensed with its stop until it is logged", async () => {
		serveRound(round([stop("p1", "Dock juice"), stop("p2", "Pea juice")]));
		show(<RoundPage />);
		await userEvent.click(await screen.findByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: /Pea juice/ }));
		await screen.findByRole("region", { name: "Pea juice" });
		expect(screen.getByRole("button", { name: "a few" })).toHaveAttribute("aria-pressed", "false");
		await userEvent.click(screen.getByRole("button", { name: /Dock juice/ }));
		await screen.findByRole("region", { name: "Dock juice" });
		expect(screen.getByRole("button", { name: "a few" })).toHaveAttribute("aria-pressed", "true");
		cleanup();
		show(<RoundPage />);
		expect(await screen.findByRole("button", { name: "a few" })).toHaveAttribute("aria-pressed", "true");
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log, next stop/ }));
		await screen.findByRole("region", { name: "Pea juice" });
		await userEvent.click(screen.getByRole("button", { name: /Dock juice/ }));
		expect(await screen.findByRole("button", { name: "a few" })).toHaveAttribute("aria-pressed", "false");
	});

	it("walks with the arrow keys and logs with Enter", async () => {
		const sent = serveRound(round([stop("p1", "Dock juice"), stop("p2", "Pea juice")]));
		show(<RoundPage />);
		await screen.findByRole("region", { name: "Dock juice" });
		await userEvent.keyboard("{ArrowDown}");
		expect(await screen.findByRole("region", { name: "Pea juice" })).toBeVisible();
		await userEvent.keyboard("{ArrowUp}");
		await screen.findByRole("region", { name: "Dock juice" });
		await userEvent.keyboard("{Enter}");
		await waitFor(() => expect(sent[0]?.path).toBe("POST /api/pots/p1/checks"));
	});

	it("marks what is kept here as done, and asks for the next instead", async () => {
		await keep(kept({ kind: "visit", potId: "p1", check: KEPT }));
		serve({
			"GET /api/round": () => [200, round([stop("p1", "Dock juice"), stop("p2", "Pea juice")])],
			"GET /api/pots/p2": () => [200, named("p2", "Pea juice")],
		});
		show(<RoundPage />);
		expect(await screen.findByRole("button", { name: /Dock juice.*kept here ✓/ })).toBeVisible();
		expect(await screen.findByRole("region", { name: "Pea juice" })).toBeVisible();
	});

	it("says so where a vessel holds two things by the log", async () => {
		serveRound(round([stop("p1", "Dock juice")], { doubled: ["J1 holds Dock juice and Pea juice by the log."] }));
		show(<RoundPage />);
		expect(await screen.findByText("J1 holds Dock juice and Pea juice by the log.")).toBeVisible();
	});

	it("says so when nothing needs hands, and when something will", async () => {
		serveRound(round([], { next: { day: "2026-05-23", words: "Dock juice (J1): stir" } }));
		show(<RoundPage />);
		expect(await screen.findByRole("heading", { name: "Nothing needs your hands today" })).toBeVisible();
		expect(screen.getByText(/best left alone. Have a cup/)).toBeVisible();
		expect(screen.getByText("Next: Sat 23 May, Dock juice (J1): stir.")).toBeVisible();
	});

	it("tells below what is due, what turns, and what comes", async () => {
		serveRound(
			round([], {
				feeds: [
					{
						plantingId: "b1",
						planting: "Runner beans",
						words: "juice on soil",
						day: "2026-05-20",
						bottleId: "b1",
						kind: "FEED" as const,
						bottleCode: "P3",
						target: "SOIL",
					},
				],
				bottles: [{ ...BOTTLE, freshness: "PAST" }],
				ahead: [{ day: "2026-05-22", words: "frost likely" }],
			}),
		);
		show(<RoundPage />);
		const mix = await screen.findByRole("link", { name: "mix this" });
		expect(mix).toHaveAttribute("href", "/mix?bottle=b1&planting=b1&target=SOIL");
		expect(screen.getByRole("link", { name: "Runner beans" })).toHaveAttribute("href", "/garden?planting=b1");
		expect(screen.getByText(/past its day: look and decide/)).toBeVisible();
		expect(screen.getByText(/Fri 22 May/)).toBeVisible();
		expect(screen.getByText(/9 °C now, dry.* · simulated/)).toBeVisible();
	});

	it("fits on one sheet with room to write", async () => {
		serveRound(round([stop("p1", "Dock juice"), stop("p2", "Pea juice", { done: true })]));
		show(<RoundSheet />);
		const table = within(await screen.findByRole("table"));
		expect(table.getByRole("row", { name: /P1 Dock juice.*stir/ })).toBeVisible();
		expect(table.queryByText("Pea juice")).toBeNull();
	});
});
