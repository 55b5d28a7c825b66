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
	detail:
		"Pot Mellow does not answer. What you typed is still here: come back into its reach, or start it again, then repeat this.",
};

/** Something went wrong in the page itself: nothing was asked for, or its answer could not be shown. */
function fault(error: unknown): Problem {
	const said = error instanceof Error ? `${error.name}: ${error.message}` : String(error);
	return {
		status: FAULT,
		code: "fault",
		detail: `Pot Mellow stumbled over itself here (${said}). Load the page again to see what is stored; if it happens again, tell whoever looks after it.`,
	};
}

/** No status of any answer: there was none, and none is missing. */
const FAULT = -1;

/** Nothing answered. */
export function lost(): ProblemError {
	return new ProblemError(UNREACHABLE);
}

/** Reads whatever came back instead of an answer. */
export function problemOf(body: unknown, status: number): Problem {
	if (typeof body === "object" && body !== null && "detail" in body && typeof body.detail === "string") {
		return { ...(body as Problem), status, detail: body.detail };
	}
	return { ...UNREACHABLE, status };
}

/** The problem behind any failure. */
export function problemFrom(error: unknown): Problem {
	return error instanceof ProblemError ? error.problem : fault(error);
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
