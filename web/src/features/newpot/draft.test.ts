import { describe, expect, it } from "vitest";
import { draftOf, requestOf, stepOf } from "./draft";

describe("the draft of an address", () => {
	it("wants what a step of the plan wants, in its vessel and at its place", () => {
		const search = new URLSearchParams("method=plant-juice-open&want=1+L&vessel=v1&place=p1&step=s1");

		expect(requestOf(draftOf(search))).toMatchObject({
			methodId: "plant-juice-open",
			anchor: "WANTED",
			wanted: "1 L",
			vesselId: "v1",
			placeId: "p1",
		});
		expect(stepOf(search)).toBe("s1");
	});

	it("takes a brewed part from the bottle that it names", () => {
		const search = new URLSearchParams("method=activated-culture&in.serum=620+mL&from.serum=b1");
		expect(requestOf(draftOf(search))).toMatchObject({ inHand: { serum: "620 mL" }, from: { serum: ["b1"] } });
	});

	it("fills a vessel where nothing is wanted or in hand", () => {
		expect(draftOf(new URLSearchParams("method=worm-tea")).anchor).toBe("VESSEL");
		expect(stepOf(new URLSearchParams("method=worm-tea"))).toBeUndefined();
	});
});
