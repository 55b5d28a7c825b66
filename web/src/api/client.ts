import createClient, { type Middleware } from "openapi-fetch";
import type { paths } from "./generated/schema";
import { patiently } from "./oneMoment";
import { ProblemError, problemOf } from "./problem";
import { reach } from "./reach";
import { writeKeys } from "./writeKeys";

const TOKEN = /(?:^|; )XSRF-TOKEN=([^;]+)/;

/** Writes carry the page's token, so that no foreign page can make them. */
const pageToken: Middleware = {
	async onRequest({ request }) {
		if (request.method === "GET") {
			return request;
		}
		if (!TOKEN.test(document.cookie)) {
			await reach("/api/me");
		}
		const token = TOKEN.exec(document.cookie)?.[1];
		if (token) {
			request.headers.set("X-XSRF-TOKEN", decodeURIComponent(token));
		}
		return request;
	},
};

export const client = createClient<paths>({
	baseUrl: window.location.origin,
	fetch: (request) => patiently(request, reach),
});
client.use(pageToken, writeKeys);

type Result<T> = { data?: T; error?: unknown; response: Response };

/** The answer, or a ProblemError with what the server said. */
export async function answer<T>(call: Promise<Result<T>>): Promise<T> {
	const { data, error, response } = await call;
	if (!response.ok) {
		throw new ProblemError(problemOf(error, response.status));
	}
	return data as T;
}
