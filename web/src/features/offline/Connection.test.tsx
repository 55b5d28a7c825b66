import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { setReachable } from "../../api/reachable";
import { type Act, keep, put, type Waiting, waiting } from "../../outbox";
import { emptyOutbox, kept } from "../../testing/outbox";
import { pot } from "../../testing/pot";
import { GARDEN, serve, show } from "../../testing/serve";
import { Connection } from "./Connection";

const CHECK = { act: "STIRRED", signs: {}, readings: {}, standIns: [], confirmed: [] } as const;
const VISIT: Act = { kind: "visit", potId: "p1", check: { ...CHECK, standIns: [], confirmed: [] } };
const SEND = "POST /api/pots/p1/checks";
const TOLD = { plantingIds: ["b1"], productId: "plant-juice", strength: "1:500", mix: "2 L" };
const POUR: Act = {
	kind: "pour",
	request: { brews: [], plantingIds: ["b1"], target: "SOIL", can: "10 L", confirmed: [] },
	told: [TOLD],
};

async function asked(act: Act, code: string, words = "It was emptied meanwhile."): Promise<void> {
	await keep(kept(act, "k1"));
	await put({ ...(waiting()[0] as Waiting), question: { words, code } });
}

const line = () => screen.findByRole("button", { name: /waits|wait|question|judged|connection/ });

describe("Connection", () => {
	afterEach(async () => {
		setReachable(true);
		await emptyOutbox();
	});

	it("says nothing while there is nothing to say", async () => {
		serve({});
		show(<Connection />);
		await waitFor(() => expect(screen.queryByRole("complementary")).toBeNull());
	});

	it("says how many wait, and sends them at a tap", async () => {
		await keep(kept(VISIT, "k1"));
		let answers = false;
		const sent = serve({
			[SEND]: () => (answers ? [200, pot()] : [503, { detail: "No.", code: "no-database" }]),
		});
		show(<Connection />);
		await userEvent.click(await line());
		expect(screen.getByText(/One thing waits for a connection: a visit/)).toBeVisible();
		await waitFor(() => expect(sent).toHaveLength(1));
		answers = true;
		await userEvent.click(screen.getByRole("button", { name: "Try now" }));
		await waitFor(() => expect(screen.queryByRole("complementary")).toBeNull());
		expect(sent.map((call) => call.key)).toEqual(["k1", "k1"]);
	});

	it("says that nothing answers, and that the work can go on", async () => {
		serve({
			"GET /api/garden": () => {
				throw new TypeError("failed to fetch");
			},
		});
		show(<Connection />);
		await userEvent.click(await screen.findByRole("button", { name: /No connection/ }));
		expect(screen.getByText(/what you log, look at, water, feed and photograph is kept/)).toBeVisible();
	});

	it("asks again by itself while nothing answers, and then shows nothing that is older", async () => {
		vi.useFakeTimers({ toFake: ["setInterval", "clearInterval"] });
		let answers = false;
		let times = 0;
		serve({
			"GET /api/garden": () => {
				times += 1;
				if (!answers) {
					throw new TypeError("failed to fetch");
				}
				return [200, GARDEN];
			},
		});
		show(<Connection />);
		await screen.findByRole("button", { name: /No connection/ });
		answers = true;
		vi.advanceTimersByTime(15_000);
		await waitFor(() => expect(screen.queryByRole("complementary")).toBeNull());
		await waitFor(() => expect(times).toBe(2));
		vi.useRealTimers();
	});

	it("asks what should become of a visit that can't be taken, until it is let go", async () => {
		await asked(VISIT, "pot-ended");
		serve({});
		show(<Connection />);
		await userEvent.click(await line());
		expect(screen.getByText(/It was emptied meanwhile. What should become of it/)).toBeVisible();
		expect(screen.getByRole("link", { name: "See the pot" })).toHaveAttribute("href", "/pots/p1");
		await userEvent.click(screen.getByRole("button", { name: "Let it go" }));
		await waitFor(() => expect(waiting()).toEqual([]));
	});

	it("lets an odd reading be right", async () => {
		await asked(VISIT, "odd-reading-PH", "A pH of 12 is odd.");
		const sent = serve({ [SEND]: () => [200, pot()] });
		show(<Connection />);
		await userEvent.click(await line());
		await userEvent.click(screen.getByRole("button", { name: "It is right: log it" }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ confirmed: ["odd-reading-PH"] }));
		expect(sent[0]?.key).toBe("k1");
	});

	it.each(["bottle-short", "bottle-measured"])("lets a feed count that no bottle holds (%s)", async (code) => {
		await asked(POUR, code, "B3 holds 20 mL.");
		const sent = serve({ "POST /api/feeds/told": () => [200, {}] });
		show(<Connection />);
		await userEvent.click(await line());
		await userEvent.click(screen.getByRole("button", { name: "Write it down as fed, from no bottle" }));
		await waitFor(() => expect(sent[0]).toMatchObject({ body: TOLD, saidAt: "2026-05-20T07:40:00Z" }));
		await waitFor(() => expect(waiting()).toEqual([]));
	});

	it("shows what was judged of it until it was read", async () => {
		await keep(kept(VISIT));
		await put({ ...(waiting()[0] as Waiting), judged: "Ready: strain it." });
		serve({});
		show(<Connection />);
		await userEvent.click(await screen.findByRole("button", { name: /1 judged since/ }));
		expect(within(screen.getByRole("complementary")).getByText("Ready: strain it.")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "I have read it" }));
		await waitFor(() => expect(screen.queryByRole("complementary")).toBeNull());
	});
});
