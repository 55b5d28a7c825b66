import { describe, expect, it } from "vitest";
import { ProblemError, problemAt, problemFrom, problemOf } from "./problem";

const TOO_HOT = { status: 422, code: "out-of-range", detail: "The warmth (300 °C) must be …", field: "warmth" };

describe("problems", () => {
	it("keep what the server said", () => {
		expect(problemOf(TOO_HOT, 422)).toMatchObject(TOO_HOT);
	});

	it("say that nothing answers when something else came back", () => {
		expect(problemOf("<html>", 502)).toMatchObject({ code: "unreachable", status: 502 });
		expect(problemFrom(new TypeError("failed to fetch")).detail).toContain("What you typed is still here");
	});

	it("stand beside the field they are about, and nowhere else", () => {
		const error = new ProblemError(TOO_HOT);
		expect(problemAt(error, "amount", "warmth")).toBe(TOO_HOT.detail);
		expect(problemAt(error, "amount")).toBeUndefined();
		expect(problemAt(null, "warmth")).toBeUndefined();
	});
});
