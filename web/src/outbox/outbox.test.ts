import { afterEach, describe, expect, it } from "vitest";
import type { Check } from "../api/types";
import { emptyOutbox, kept } from "../testing/outbox";
import { pot } from "../testing/pot";
import { serve } from "../testing/serve";
import type { Act } from "./act";
import { keep, waiting } from "./outbox";
import { sendWaiting } from "./sendWaiting";

const CHECK: Check = { act: "STIRRED", signs: {}, readings: {}, standIns: [], confirmed: [] };
const VISIT: Act = { kind: "visit", potId: "p1", check: CHECK };
const SEND = "POST /api/pots/p1/checks";
const FED = { plantingIds: ["b1"], productId: "plant-juice" };
const REQUEST = { brews: [], plantingIds: ["b1"], target: "SOIL", can: "10 L", confirmed: [] } as const;

const EVERY_KIND: readonly (readonly [act: Act, path: string, reply: unknown])[] = [
	[VISIT, SEND, pot()],
	[
		{ kind: "picture", potId: "p1", picture: { bytes: new ArrayBuffer(3), type: "image/jpeg" } },
		"POST /api/pots/p1/photos",
		[],
	],
	[
		{ kind: "pour", request: { ...REQUEST, brews: [], plantingIds: ["b1"], confirmed: [] }, told: [] },
		"POST /api/feeds",
		{ feed: { decision: "" } },
	],
	[{ kind: "fed", feed: FED }, "POST /api/feeds/told", {}],
	[{ kind: "look", plantingId: "b1", look: { look: "PALE", dry: false } }, "POST /api/beds/b1/looks", { response: "" }],
	[{ kind: "watering", plantingId: "b1", when: "" }, "POST /api/beds/b1/waterings", {}],
];

describe("the outbox", () => {
	afterEach(emptyOutbox);

	it.each(EVERY_KIND)("sends %o once, under its key and with its time", async (act, path, reply) => {
		await keep(kept(act, "k1"));
		const sent = serve({ [path]: () => [200, reply] });
		expect(await sendWaiting("")).toBe(true);
		await sendWaiting("");
		expect(sent.map(({ path, key, saidAt }) => ({ path, key, saidAt }))).toEqual([
			{ path, key: "k1", saidAt: "2026-05-20T07:40:00Z" },
		]);
		expect(waiting()).toEqual([]);
	});

	it("sends the first said first, whatever kind it is", async () => {
		for (const [place, [act]] of EVERY_KIND.entries()) {
			await keep(kept(act, `k${place}`));
		}
		const sent = serve(Object.fromEntries(EVERY_KIND.map(([, path, reply]) => [path, () => [200, reply] as const])));
		await sendWaiting("");
		expect(sent.map((call) => call.key)).toEqual(EVERY_KIND.map((_, place) => `k${place}`));
	});

	it("keeps everything, in order, while nothing answers", async () => {
		await keep(kept(VISIT, "k1"));
		await keep(kept(VISIT, "k2"));
		const sent = serve({ [SEND]: () => [503, { detail: "No.", code: "no-database" }] });
		expect(await sendWaiting("")).toBe(false);
		expect(sent).toHaveLength(1);
		expect(waiting().map((entry) => entry.key)).toEqual(["k1", "k2"]);
	});

	it.each([
		[401, "sign-in"],
		[429, "wait"],
	])("keeps everything while the device isn't let in (%i)", async (status, code) => {
		await keep(kept(VISIT, "k1"));
		serve({ [SEND]: () => [status, { detail: "Sign in.", code }] });
		expect(await sendWaiting("")).toBe(false);
		expect(waiting()[0]?.question).toBeUndefined();
	});

	it("sends nothing of somebody else", async () => {
		await keep({ ...kept(VISIT), by: "Wilma" });
		const sent = serve({ [SEND]: () => [200, pot()] });
		expect(await sendWaiting("Otto")).toBe(false);
		expect(sent).toEqual([]);
		expect(await sendWaiting("Wilma")).toBe(true);
	});

	it("keeps what can't be taken as it is, with what is asked, and goes on with the next", async () => {
		await keep(kept(VISIT, "k1"));
		await keep(kept(VISIT, "k2"));
		let times = 0;
		serve({
			[SEND]: () => {
				times += 1;
				return times === 1 ? [409, { detail: "It was emptied meanwhile.", code: "pot-ended" }] : [200, pot()];
			},
		});
		await sendWaiting("");
		expect(waiting()).toHaveLength(1);
		expect(waiting()[0]).toMatchObject({
			key: "k1",
			question: { words: "It was emptied meanwhile.", code: "pot-ended" },
		});
		await sendWaiting("");
		expect(times).toBe(2);
	});

	it("lets go of what counted already, though its answer was lost and it is kept in other words", async () => {
		await keep(kept(VISIT));
		serve({ [SEND]: () => [409, { detail: "Something else stands there.", code: "something-else" }] });
		await sendWaiting("");
		expect(waiting()).toEqual([]);
	});

	it("tells what was judged of it", async () => {
		await keep(kept(VISIT));
		const ready = pot({ verdict: { ...pot().verdict, kind: "READY", headline: "Ready: strain it." } });
		serve({ [SEND]: () => [200, ready] });
		await sendWaiting("");
		expect(waiting()[0]?.judged).toBe("Ready: strain it.");
	});

	it("holds one entry for one key", async () => {
		await keep(kept(VISIT, "k1"));
		await keep(kept(VISIT, "k1"));
		expect(waiting()).toHaveLength(1);
	});
});
