import { onlineManager } from "@tanstack/react-query";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import { waiting } from "../../outbox";
import { emptyOutbox } from "../../testing/outbox";
import { pot } from "../../testing/pot";
import { serve, show } from "../../testing/serve";
import { CheckForm } from "./CheckForm";

const POT = pot();
const CHECKS = `/api/pots/${POT.summary.id}/checks`;

describe("CheckForm", () => {
	afterEach(emptyOutbox);

	it("logs what was done and sensed in three taps", async () => {
		const sent = serve({ [`POST ${CHECKS}`]: () => [200, POT] });
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: "sweet-sour" }));
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		await waitFor(() => expect(sent).toHaveLength(1));
		expect(sent[0]?.path).toBe(`POST ${CHECKS}`);
		expect(sent[0]?.body).toMatchObject({
			act: "STIRRED",
			signs: { bubbles: "few-bubbles", smell: "sweet-sour" },
			readings: {},
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
		serve({
			[`POST ${CHECKS}`]: () => [422, { status: 422, code: "out-of-range", field: "readings.THERMOMETER", detail }],
		});
		show(<CheckForm pot={POT} />);
		await userEvent.type(screen.getByRole("textbox", { name: "Warmth" }), "300");
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		expect(await screen.findByText(detail)).toBeVisible();
		expect(screen.getByRole("textbox", { name: "Warmth" })).toHaveValue("300");
	});

	it("repeats a lost write under the same key", async () => {
		const sent = serve({ [`POST ${CHECKS}`]: () => [500, { detail: "Something went wrong inside.", code: "inside" }] });
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		await screen.findByText("Something went wrong inside.");
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		await waitFor(() => expect(sent).toHaveLength(2));
		expect(sent[0]?.key).toBe(sent[1]?.key);
	});

	it("reads a simulated meter and says so when it logs", async () => {
		const sent = serve({
			"GET /api/pots/p1/meters/THERMOMETER": () => [200, { meter: "THERMOMETER", text: "19.8 °C", simulated: true }],
			[`POST ${CHECKS}`]: () => [200, POT],
		});
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: "Read the warmth meter, simulated" }));
		await waitFor(() => expect(screen.getByRole("textbox", { name: "Warmth" })).toHaveValue("19.8 °C"));
		expect(screen.getByText("simulated")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		await waitFor(() =>
			expect(sent[0]?.body).toMatchObject({ readings: { THERMOMETER: "19.8 °C" }, standIns: ["THERMOMETER"] }),
		);
	});

	it("no longer calls a reading simulated once it is typed over", async () => {
		serve({
			"GET /api/pots/p1/meters/THERMOMETER": () => [200, { meter: "THERMOMETER", text: "19.8 °C", simulated: true }],
		});
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: "Read the warmth meter, simulated" }));
		await screen.findByText("simulated");
		await userEvent.type(screen.getByRole("textbox", { name: "Warmth" }), "1");
		expect(screen.queryByText("simulated")).toBeNull();
	});

	it("asks about an odd reading, and logs it once it is said to be right", async () => {
		const detail = "A pH of pH 12 is odd for a pot.";
		const sent = serve({
			[`POST ${CHECKS}`]: (body) =>
				(body.confirmed as string[]).length > 0
					? [200, POT]
					: [422, { status: 422, code: "odd-reading-PH", field: "readings.PH", detail }],
		});
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: /pH, EC, Brix, weight/ }));
		await userEvent.type(screen.getByRole("textbox", { name: "pH" }), "12");
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		expect(await screen.findByText(detail)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "It is right: log it" }));
		await waitFor(() => expect(sent[1]?.body).toMatchObject({ confirmed: ["odd-reading-PH"] }));
		// What is decided as well is another write; the first was refused and left nothing.
		expect(sent[0]?.key).not.toBe(sent[1]?.key);
	});

	it("offers first what is due", () => {
		serve({});
		show(<CheckForm pot={pot({ tasks: [{ todo: "look", why: "", act: "LOOKED" }] })} then="log, next stop" />);
		expect(screen.getByRole("button", { name: /Looked, log, next stop/ })).toBeVisible();
	});

	it("tries at once though the browser believes to be offline, and keeps what can't be sent", async () => {
		onlineManager.setOnline(false);
		const sent = serve({ [`POST ${CHECKS}`]: () => [503, { detail: "No.", code: "no-database" }] });
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		expect(await screen.findByText(/kept on this device and sent by itself, once/)).toBeVisible();
		expect(sent).toHaveLength(1);
		expect(waiting()).toHaveLength(1);
		onlineManager.setOnline(true);
	});

	it("logs once though Enter is pressed again before the answer", async () => {
		const sent = serve({ [`POST ${CHECKS}`]: () => [200, POT] });
		show(<CheckForm pot={POT} />);
		const form = screen.getByRole("form", { name: "Log a visit" });
		fireEvent.submit(form);
		fireEvent.submit(form);
		fireEvent.submit(form);
		await waitFor(() => expect(sent).toHaveLength(1));
		expect(screen.getByRole("button", { name: /Stirred, log it/ })).toBeVisible();
		expect(sent).toHaveLength(1);
	});

	it("keeps the visit on the device when nothing answers, once and with its moment", async () => {
		serve({ [`POST ${CHECKS}`]: () => [503, { detail: "The database does not answer.", code: "no-database" }] });
		show(<CheckForm pot={POT} />);
		await userEvent.click(screen.getByRole("button", { name: "a few" }));
		await userEvent.click(screen.getByRole("button", { name: /Stirred, log it/ }));
		expect(await screen.findByText(/kept on this device and sent by itself, once/)).toBeVisible();
		expect(waiting()).toHaveLength(1);
		expect(waiting()[0]).toMatchObject({
			name: "Dock juice",
			act: { kind: "visit", potId: "p1", check: { signs: { bubbles: "few-bubbles" } } },
		});
		expect(waiting()[0]?.at).toMatch(/^\d{4}-\d\d-\d\dT/);
	});
});
