import { lost } from "./problem";

/** Asks once. That nothing answers is told as such, so that no fault of the page itself is taken for it. */
export async function reach(request: Request | string): Promise<Response> {
	try {
		return await globalThis.fetch(request);
	} catch (error) {
		throw typeof request !== "string" && request.signal.aborted ? error : lost();
	}
}
