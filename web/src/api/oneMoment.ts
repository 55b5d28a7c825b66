/** How long is waited before each repeat, in milliseconds: about half a minute in all. */
const PAUSES = [300, 700, 1500, 3000, 5000, 8000, 12000];

const CHANGED = "pot-mellow:one-moment";
const waits = new Map<Request, string>();

/** Why something waits just now; empty while nothing does. */
export function waitsFor(): string {
	return [...waits.values()].at(-1) ?? "";
}

export function onWaiting(call: () => void): () => void {
	window.addEventListener(CHANGED, call);
	return () => window.removeEventListener(CHANGED, call);
}

function wait(request: Request, why: string | null): void {
	if (why === null) {
		waits.delete(request);
	} else {
		waits.set(request, why);
	}
	window.dispatchEvent(new Event(CHANGED));
}

/** Whether the server says that the same will be answered in a moment. */
function passes(response: Response): boolean {
	return response.status === 503 && response.headers.has("Retry-After");
}

/**
 * Asks, and asks again for a while where the server wants a moment. What is written bears a key, so that it counts once however often
 * it is sent.
 */
export async function patiently(request: Request, ask: (request: Request) => Promise<Response>): Promise<Response> {
	const told = request.headers.get("Content-Type") ?? "application/json";
	if (!told.startsWith("application/json")) {
		// A file can be large: it isn't held to be sent again.
		return ask(request);
	}
	try {
		for (const pause of PAUSES) {
			const response = await ask(request.clone());
			if (!passes(response)) {
				return response;
			}
			const problem = await response
				.clone()
				.json()
				.catch(() => ({}));
			wait(request, typeof problem.detail === "string" ? problem.detail : "");
			await new Promise((resolve) => setTimeout(resolve, pause));
		}
		return await ask(request);
	} finally {
		wait(request, null);
	}
}
