import { lost } from "./problem";
import { setReachable } from "./reachable";

/** Asks once. That nothing answers is told as such, so that no fault of the page itself is taken for it. */
export async function reach(request: Request | string): Promise<Response> {
	try {
		const response = await globalThis.fetch(request);
		setReachable(true);
		return response;
	} catch (error) {
		if (typeof request !== "string" && request.signal.aborted) {
			throw error;
		}
		setReachable(false);
		throw lost();
	}
}
