import { beforeEach, describe, expect, it } from "vitest";
import type { Check } from "../api/types";
import { pot } from "../testing/pot";
import { serve } from "../testing/serve";
import { keep, waiting } from "./outbox";
import { sendWaiting } from "./send";

const CHECK: Check = {
	act: "STIRRED",
	signs: {},
	readings: {},
	standIns: [],
	confirmed: [],
	at: "2026-05-20T08:00:00Z",
};
const SEND = "POST /api/pots/p1/checks";

function kept(key: string) {
	keep({ key, potId: "p1", potName: "Dock juice", check: CHECK });
}

describe("the outbox", () => {
	beforeEach(() => window.localStorage.clear());

	it("sends what waits under the key that it was logged with, the oldest first", async () => {
		kept("k1");
		kept("k2");
		const sent = serve({ [SEND]: () => [200, pot()] });
		expect(await sendWaiting()).toEqual(["p1", "p1"]);
		expect(sent.map((call) => call.key)).toEqual(["k1", "k2"]);
		expect(waiting()).toEqual([]);
	});

	it("keeps everything, in order, while nothing answers", async () => {
		kept("k1");
		kept("k2");
		const sent = serve({ [SEND]: () => [503, { detail: "No.", code: "no-database" }] });
		expect(await sendWaiting()).toEqual([]);
		expect(sent).toHaveLength(1);
		expect(waiting().map((entry) => entry.key)).toEqual(["k1", "k2"]);
	});

	it("holds a visit back that the server won't take, says why, and goes on with the next", async () => {
		kept("k1");
		kept("k2");
		let times = 0;
		serve({
			[SEND]: () => {
				times += 1;
				return times === 1 ? [409, { detail: "It was emptied meanwhile.", code: "pot-ended" }] : [200, pot()];
			},
		});
		await sendWaiting();
		expect(waiting()).toHaveLength(1);
		expect(waiting()[0]).toMatchObject({ key: "k1", refused: "It was emptied meanwhile." });
		await sendWaiting();
		expect(times).toBe(2);
	});

	it("holds one entry for one key", () => {
		kept("k1");
		kept("k1");
		expect(waiting()).toHaveLength(1);
	});

	it("is empty where what is stored can't be read", () => {
		window.localStorage.setItem("pot-mellow.outbox", "{");
		expect(waiting()).toEqual([]);
	});
});
