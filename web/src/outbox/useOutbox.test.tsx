import { QueryClientProvider } from "@tanstack/react-query";
import { act, renderHook, waitFor } from "@testing-library/react";
import type { ReactNode } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { makeQueryClient } from "../api/queryClient";
import { emptyOutbox, kept } from "../testing/outbox";
import { pot } from "../testing/pot";
import { serve } from "../testing/serve";
import { keep, waiting } from "./outbox";
import { useOutbox } from "./useOutbox";

const SEND = "POST /api/pots/p1/checks";

function atAPage() {
	const queryClient = makeQueryClient(0);
	return renderHook(() => useOutbox(), {
		wrapper: ({ children }: { readonly children: ReactNode }) => (
			<QueryClientProvider client={queryClient}>{children}</QueryClientProvider>
		),
	});
}

/** A clock that strikes only when it is told to; what looks more than once a second, as these tests do, has its own. */
function clock() {
	const strikes = new Map<number, () => void>();
	const { setInterval, clearInterval } = window;
	vi.spyOn(window, "setInterval").mockImplementation(((strike: () => void, every = 0) => {
		if (every < 1000) {
			return setInterval(strike, every);
		}
		strikes.set(-1 - strikes.size, strike);
		return -strikes.size;
	}) as typeof window.setInterval);
	vi.spyOn(window, "clearInterval").mockImplementation((id) => strikes.delete(Number(id)) || clearInterval(Number(id)));
	const strike = async () => {
		for (const one of strikes.values()) {
			one();
		}
	};
	return { strikes, strike: () => act(strike) };
}

describe("what waits for a connection", () => {
	afterEach(async () => {
		vi.restoreAllMocks();
		await emptyOutbox();
	});

	it.each(["by the clock", "when the browser is online again"])("is tried again by itself: %s", async (how) => {
		const { strikes, strike } = clock();
		let answers = false;
		const sent = serve({ [SEND]: () => (answers ? [200, pot()] : [503, { detail: "No.", code: "no-database" }]) });
		await keep(
			kept(
				{ kind: "visit", potId: "p1", check: { act: "STIRRED", signs: {}, readings: {}, standIns: [], confirmed: [] } },
				"k1",
			),
		);
		atAPage();
		await waitFor(() => expect(sent).toHaveLength(1));
		expect(waiting()).toHaveLength(1);

		answers = true;
		await (how === "by the clock" ? strike() : act(async () => void window.dispatchEvent(new Event("online"))));
		await waitFor(() => expect(waiting()).toEqual([]));
		expect(sent).toHaveLength(2);
		// Nothing waits any more, so nothing is tried.
		await waitFor(() => expect(strikes.size).toBe(0));
	});
});
