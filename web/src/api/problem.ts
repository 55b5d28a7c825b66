import type { components } from "./generated/schema";

/** What the server says when it can't do something (RFC 9457). */
export type Problem = {
	readonly status: number;
	readonly code: string;
	readonly detail: string;
	readonly field?: string;
	/** What was typed could mean these; each can be typed instead. */
	readonly readings?: readonly string[];
	readonly finding?: components["schemas"]["FindingView"];
};

/** A problem as it travels through promises. */
export class ProblemError extends Error {
	readonly problem: Problem;

	constructor(problem: Problem) {
		super(problem.detail);
		this.problem = problem;
	}
}

const UNREACHABLE: Problem = {
	status: 0,
	code: "unreachable",
	detail: "Pot Mellow does not answer. What you typed is still here: start it again, then repeat this.",
};

/** Reads whatever came back instead of an answer. */
export function problemOf(body: unknown, status: number): Problem {
	if (typeof body === "object" && body !== null && "detail" in body && typeof body.detail === "string") {
		return { ...(body as Problem), status, detail: body.detail };
	}
	return { ...UNREACHABLE, status };
}

/** The problem behind any failure: a lost connection counts as one too. */
export function problemFrom(error: unknown): Problem {
	return error instanceof ProblemError ? error.problem : UNREACHABLE;
}

/** The problem's words, where it is about the given field. */
export function problemAt(error: unknown, ...fields: string[]): string | undefined {
	if (!(error instanceof ProblemError)) {
		return undefined;
	}
	return fields.includes(error.problem.field ?? "") ? error.problem.detail : undefined;
}

/** What could be meant instead, where the problem is about the given field and the server knows. */
export function readingsAt(error: unknown, ...fields: string[]): readonly string[] | undefined {
	return problemAt(error, ...fields) === undefined ? undefined : problemFrom(error).readings;
}
