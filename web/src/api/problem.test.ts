import { describe, expect, it } from "vitest";
import { lost, ProblemError, problemAt, problemFrom, problemOf } from "./problem";

const TOO_HOT = { status: 422, code: "out-of-range", detail: "The warmth (300 °C) must be …", field: "warmth" };

describe("problems", () => {
	it("keep what the server said", () => {
		expect(problemOf(TOO_HOT, 422)).toMatchObject(TOO_HOT);
	});

	it("say that nothing answers when something else came back", () => {
		expect(problemOf("<html>", 502)).toMatchObject({ code: "unreachable", status: 502 });
		expect(problemFrom(lost()).detail).toContain("What you typed is still here");
	});

	it("call a fault of the page a fault of the page", () => {
		const problem = problemFrom(new TypeError("x is undefined"));
		expect(problem.detail).toContain("stumbled over itself");
		expect(problem.detail).toContain("x is undefined");
		expect(problem).toMatchObject({ code: "fault", status: -1 });
	});

	it("stand beside the field they are about, and nowhere else", () => {
		const error = new ProblemError(TOO_HOT);
		expect(problemAt(error, "amount", "warmth")).toBe(TOO_HOT.detail);
		expect(problemAt(error, "amount")).toBeUndefined();
		expect(problemAt(null, "warmth")).toBeUndefined();
	});
});
