import type { Middleware } from "openapi-fetch";

const KEY = "Idempotency-Key";

/** Keys of writes whose outcome nobody knows yet, by what was written. */
const unknown = new Map<string, string>();

/** Beside the key of a request: what it said, so that its outcome can be told. */
const said = new WeakMap<Request, string>();

async function saying(request: Request): Promise<string> {
	const json = request.headers.get("Content-Type")?.startsWith("application/json");
	const body = json || request.body === null ? await request.clone().text() : crypto.randomUUID();
	return `${request.method} ${request.url} ${body}`;
}

/**
 * Every write bears a key, under which it counts once. The same said again while nobody knows whether it counted bears the same key;
 * as soon as it is answered, the same may be meant anew. Forms that keep a key of their own keep it.
 */
export const writeKeys: Middleware = {
	async onRequest({ request }) {
		if (request.method === "GET" || request.headers.has(KEY)) {
			return request;
		}
		const what = await saying(request);
		const key = unknown.get(what) ?? crypto.randomUUID();
		unknown.set(what, key);
		said.set(request, what);
		request.headers.set(KEY, key);
		return request;
	},
	onResponse({ request, response }) {
		const what = said.get(request);
		if (what !== undefined && response.status < 500) {
			unknown.delete(what);
		}
		return response;
	},
};
