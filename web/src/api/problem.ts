import type { components } from "./generated/schema";

/** What the server says when it can't do something (RFC 9457). */
export type Problem = {
	readonly status: number;
	readonly code: string;
	readonly detail: string;
	readonly field?: string;
	/** What was typed could mean these; each can be typed instead. */
	readonly readings?: readonly string[];
	/** The measure of the gardener's own whose size is asked; the readings are its usual sizes. */
	readonly measure?: OwnMeasure;
	readonly finding?: components["schemas"]["FindingView"];
};

/** A measure that everybody has of another size, such as a capful. */
export type OwnMeasure = { readonly id: string; readonly words: string };

/** What is wrong with one field. */
export type Trouble = Pick<Problem, "readings" | "measure"> & { readonly words: string };

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

/** What is wrong with the given field, and what could be meant instead. */
export function troubleAt(error: unknown, ...fields: string[]): Trouble | undefined {
	const words = problemAt(error, ...fields);
	return words === undefined
		? undefined
		: { words, readings: problemFrom(error).readings, measure: problemFrom(error).measure };
}
