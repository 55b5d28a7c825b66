import { QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter, Route, Routes } from "react-router";
import { vi } from "vitest";
import { makeQueryClient } from "../api/queryClient";
import type { Working } from "../api/types";
import { foreseeNot } from "./unforeseen";

type Sent = {
	readonly path: string;
	readonly key: string | null;
	/** When it says that it was said; null for just now. */
	readonly saidAt: string | null;
	readonly body: unknown;
};
type Reply = (body: Record<string, unknown>) => readonly [status: number, body: unknown];

/** What every page asks, whatever it is about: nothing typed means anything, unless a test says so. */
const KNOWN: Record<string, Reply> = {
	"GET /api/garden": () => [200, GARDEN],
	"GET /api/me": () => [200, { letIn: true, atTheMachine: true, name: "", role: "OWNER", keeps: true }],
	"GET /api/typed": () => [200, { readings: [] }],
};

/** A server that knows its garden and what it is told, with or without a query: any other call fails the test. Keeps what was written. */
export function serve(replies: Record<string, Reply>): Sent[] {
	const sent: Sent[] = [];
	vi.stubGlobal("fetch", async (input: Request | string) => {
		const request = input instanceof Request ? input : new Request(new URL(input, window.location.origin));
		const { pathname, search } = new URL(request.url);
		const path = `${request.method} ${pathname}`;
		const reply = replies[path + search] ?? replies[path] ?? KNOWN[path];
		if (!reply) {
			foreseeNot(path);
			throw new Error(`The test gave no reply to ${path}.`);
		}
		const body =
			request.method === "GET"
				? {}
				: await request
						.clone()
						.json()
						.catch(() => ({}));
		if (request.method !== "GET") {
			sent.push({
				path,
				key: request.headers.get("Idempotency-Key"),
				saidAt: request.headers.get("Said-At"),
				body,
			});
		}
		const [status, answer] = reply(body);
		return new Response(status === 204 ? null : JSON.stringify(answer), {
			status,
			headers: { "Content-Type": "application/json" },
		});
	});
	return sent;
}

/** Draws a view at an address, with a query client of its own that never repeats. */
export function show(view: ReactNode, address = "/", pattern = "*"): void {
	const queryClient = makeQueryClient(0);
	render(
		<QueryClientProvider client={queryClient}>
			<MemoryRouter initialEntries={[address]}>
				<Routes>
					<Route path={pattern} element={view} />
					<Route path="*" element={<p>another view</p>} />
				</Routes>
			</MemoryRouter>
		</QueryClientProvider>,
	);
}

export const WORKING: Working = {
	mark: "COMMON_PRACTICE",
	markWords: "common practice",
	steps: [{ words: "A rule.", figures: [], result: "", markWords: "common practice", source: "" }],
};

export const GARDEN = {
	name: "Gull Loft",
	zone: "Europe/London",
	clockface: "HOURS_24",
	units: "METRIC",
	tap: "FREE_CHLORINE",
	climate: "MARITIME",
	canLift: "15 kg",
	sizes: [],
	standIns: true,
	welcomed: true,
	version: 7,
	now: "2026-05-20T08:10:00Z",
	today: "2026-05-20",
	demo: true,
} as const;

/** An amount whose words are given. */
export function amount(text: string, also = "") {
	return { value: 1, unit: "g", text, also, working: WORKING };
}
