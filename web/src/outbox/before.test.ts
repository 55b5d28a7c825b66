import { describe, expect, it } from "vitest";
import { open, waiting } from "./outbox";

describe("the outbox of an earlier version", () => {
	it("is taken over with the moments of its visits", async () => {
		const check = { act: "STIRRED", signs: {}, readings: {}, standIns: [], confirmed: [], at: "2026-05-19T08:00:00Z" };
		const before = [{ key: "k1", potId: "p1", potName: "Dock juice", check }];
		window.localStorage.setItem("pot-mellow.outbox", JSON.stringify(before));
		await open();
		const { at, ...said } = check;
		expect(waiting()).toMatchObject([{ key: "k1", at, name: "Dock juice", act: { potId: "p1", check: said } }]);
		expect(window.localStorage.getItem("pot-mellow.outbox")).toBeNull();
	});
});
