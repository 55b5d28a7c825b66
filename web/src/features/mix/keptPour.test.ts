import { describe, expect, it } from "vitest";
import type { Bottle, Mix, MixRequest } from "../../api/types";
import { keptPour } from "./keptPour";

const REQUEST: MixRequest = {
	brews: [{ bottleId: "b1" }, { addition: "VINEGAR", strength: "1:500" }],
	plantingIds: ["k1"],
	target: "SOIL",
	area: "3 m²",
	can: "10 L",
	confirmed: [],
};
const SHOWN = {
	need: { text: "6 L" },
	brews: [{ strength: { text: "1:1000" } }, { strength: { text: "1:500" } }],
} as unknown as Mix;
const BOTTLES = [{ id: "b1", productId: "plant-juice" }] as unknown as Bottle[];

describe("a pour that is kept", () => {
	it("is what was shown: its strengths and its amount, whatever would be advised when it is sent", () => {
		const { request } = keptPour(REQUEST, SHOWN, BOTTLES);
		expect(request.brews.map((brew) => brew.strength)).toEqual(["1:1000", "1:500"]);
		expect(request).toMatchObject({ mix: "6 L", area: undefined, target: "SOIL" });
	});

	it("stays by pots where it was asked by pots", () => {
		const byPots = { ...REQUEST, area: undefined, pots: "6", potSize: "8 L" };
		const { request } = keptPour(byPots, SHOWN, BOTTLES);
		expect(request).toMatchObject({ pots: "6", potSize: "8 L" });
		expect(request.mix).toBeUndefined();
	});

	it("can be told as fed, for each brew that came from a bottle", () => {
		expect(keptPour(REQUEST, SHOWN, BOTTLES).told).toEqual([
			{
				plantingIds: ["k1"],
				productId: "plant-juice",
				strength: "1:1000",
				mix: "6 L",
				target: "SOIL",
				when: undefined,
			},
		]);
	});
});
