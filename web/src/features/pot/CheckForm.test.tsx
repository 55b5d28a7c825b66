import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Pot } from "../../api/types";
import { serve, show } from "../../testing/serve";
import { CheckForm } from "./CheckForm";

const POT = {
	summary: { id: "0d5a4f0e-53a1-4d0e-8f0e-0a0a0a0a0a0a" },
	usualAct: "STIRRED",
	acts: ["LOOKED", "STIRRED", "VENTED", "SUGAR_ADDED"],
	verdict: { kind: "NOT_YET" },
	senses: [
		{ sense: "bubbles", question: "Bubbles", signs: [{ id: "few-bubbles", words: "a few" }] },
		{ sense: "smell", question: "Smell", signs: [{ id: "sweet-sour", words: "sweet-sour" }] },
	],
} as unknown as Pot;

const CHECKS = `/api/pots/${POT.summary.id}/checks`;

describe("CheckForm", () => {
	it("logs what was done and sensed in three taps", async () => {
		const sent = serve({ [`POST ${CHECKS}`]: () => [200, POT] });
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: "sweet-sour" }));
		await userEvent.click(screen.getByRole("button", { name: "Stirred: log it" }));
		await waitFor(() => expect(sent).toHaveLength(1));
		expect(sent[0]?.path).toBe(`POST ${CHECKS}`);
		expect(sent[0]?.body).toEqual({
			act: "STIRRED",
			signs: { bubbles: "few-bubbles", smell: "sweet-sour" },
			warmth: "",
		});
		await waitFor(() => expect(screen.getByRole("button", { name: "a few" })).toHaveAttribute("aria-pressed", "false"));
	});

	it("takes a sign back at a second tap", async () => {
		serve({ [`POST ${CHECKS}`]: () => [200, POT] });
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		expect(screen.getByRole("button", { name: "a few" })).toHaveAttribute("aria-pressed", "false");
	});

	it("keeps what was typed and shows the server's words beside the field", async () => {
		const detail = "The warmth of the pot (300 °C) must be from -20 °C to 80 °C.";
		serve({ [`POST ${CHECKS}`]: () => [422, { status: 422, code: "out-of-range", field: "warmth", detail }] });
		show(<CheckForm pot={POT} />);
		await userEvent.type(screen.getByRole("textbox", { name: "Warmth" }), "300");
		await userEvent.click(screen.getByRole("button", { name: "Stirred: log it" }));
		expect(await screen.findByRole("alert")).toHaveTextContent(detail);
		expect(screen.getByRole("textbox", { name: "Warmth" })).toHaveValue("300");
	});

	it("repeats a lost write under the same key", async () => {
		const sent = serve({ [`POST ${CHECKS}`]: () => [500, { detail: "Something went wrong inside.", code: "inside" }] });
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: "Stirred: log it" }));
		await screen.findByRole("alert");
		await userEvent.click(screen.getByRole("button", { name: "Stirred: log it" }));
		await waitFor(() => expect(sent).toHaveLength(2));
		expect(sent[0]?.key).toBe(sent[1]?.key);
	});
});
