import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Pot } from "../../api/types";
import { CheckForm } from "./CheckForm";

const POT = {
	summary: { id: "0d5a4f0e-53a1-4d0e-8f0e-0a0a0a0a0a0a" },
	usualAct: "STIRRED",
	verdict: { kind: "NOT_YET" },
	senses: [
		{ sense: "bubbles", question: "Bubbles", signs: [{ id: "few-bubbles", words: "a few" }] },
		{ sense: "smell", question: "Smell", signs: [{ id: "sweet-sour", words: "sweet-sour" }] },
	],
} as unknown as Pot;

/** Answers every request with what is given, and keeps what was sent. */
function answering(status: number, body: unknown) {
	const sent: { url: string; key: string | null; body: unknown }[] = [];
	vi.stubGlobal("fetch", async (input: Request | string) => {
		if (input instanceof Request) {
			sent.push({ url: input.url, key: input.headers.get("Idempotency-Key"), body: await input.clone().json() });
		}
		return new Response(JSON.stringify(body), { status, headers: { "Content-Type": "application/json" } });
	});
	return sent;
}

function show() {
	render(
		<QueryClientProvider client={new QueryClient({ defaultOptions: { mutations: { retry: false } } })}>
			<CheckForm pot={POT} />
		</QueryClientProvider>,
	);
}

const realFetch = globalThis.fetch;

afterEach(() => vi.stubGlobal("fetch", realFetch));

describe("CheckForm", () => {
	it("logs what was done and sensed in three taps", async () => {
		const sent = answering(200, POT);
		show();
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: "sweet-sour" }));
		await userEvent.click(screen.getByRole("button", { name: "Stirred: log it" }));
		await waitFor(() => expect(sent).toHaveLength(1));
		expect(sent[0]?.url).toContain(`/api/pots/${POT.summary.id}/checks`);
		expect(sent[0]?.body).toEqual({
			act: "STIRRED",
			signs: { bubbles: "few-bubbles", smell: "sweet-sour" },
			warmth: "",
		});
		await waitFor(() => expect(screen.getByRole("button", { name: "a few" })).toHaveAttribute("aria-pressed", "false"));
	});

	it("takes a sign back at a second tap", async () => {
		answering(200, POT);
		show();
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		expect(screen.getByRole("button", { name: "a few" })).toHaveAttribute("aria-pressed", "false");
	});

	it("keeps what was typed and shows the server's words beside the field", async () => {
		const detail = "The warmth of the pot (300 °C) must be from -20 °C to 80 °C.";
		answering(422, { status: 422, code: "out-of-range", field: "warmth", detail });
		show();
		await userEvent.type(screen.getByRole("textbox", { name: "Warmth" }), "300");
		await userEvent.click(screen.getByRole("button", { name: "Stirred: log it" }));
		expect(await screen.findByRole("alert")).toHaveTextContent(detail);
		expect(screen.getByRole("textbox", { name: "Warmth" })).toHaveValue("300");
	});

	it("repeats a lost write under the same key", async () => {
		const sent = answering(500, { detail: "Something went wrong inside.", code: "inside" });
		show();
		await userEvent.click(screen.getByRole("button", { name: "Stirred: log it" }));
		await screen.findByRole("alert");
		await userEvent.click(screen.getByRole("button", { name: "Stirred: log it" }));
		await waitFor(() => expect(sent).toHaveLength(2));
		expect(sent[0]?.key).toBe(sent[1]?.key);
	});
});
