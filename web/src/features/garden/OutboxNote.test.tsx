import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import { keep, waiting } from "../../outbox";
import { pot } from "../../testing/pot";
import { serve, show } from "../../testing/serve";
import { OutboxNote } from "./OutboxNote";

const CHECK = { act: "STIRRED", signs: {}, readings: {}, standIns: [], confirmed: [] } as const;

describe("OutboxNote", () => {
	beforeEach(() => {
		window.localStorage.clear();
		keep({ key: "k1", potId: "p1", potName: "Dock juice", check: { ...CHECK, standIns: [], confirmed: [] } });
	});

	it("tells that a visit waits, and sends it at a tap", async () => {
		let answers = false;
		const sent = serve({
			"POST /api/pots/p1/checks": () => (answers ? [200, pot()] : [503, { detail: "No.", code: "no-database" }]),
		});
		show(<OutboxNote />);
		expect(screen.getByText(/One visit waits for a connection: Dock juice/)).toBeVisible();
		await waitFor(() => expect(sent).toHaveLength(1));
		answers = true;
		await userEvent.click(screen.getByRole("button", { name: "Try now" }));
		await waitFor(() => expect(screen.queryByText(/waits for a connection/)).toBeNull());
		expect(sent.map((call) => call.key)).toEqual(["k1", "k1"]);
	});

	it("sends what waits by itself as soon as the page is opened", async () => {
		const sent = serve({ "POST /api/pots/p1/checks": () => [200, pot()] });
		show(<OutboxNote />);
		await waitFor(() => expect(screen.queryByText(/waits for a connection/)).toBeNull());
		expect(sent.map((call) => call.key)).toEqual(["k1"]);
	});

	it("shows a visit that wasn't taken until it is let go", async () => {
		serve({ "POST /api/pots/p1/checks": () => [409, { detail: "It was emptied meanwhile.", code: "pot-ended" }] });
		show(<OutboxNote />);
		expect(await screen.findByText(/wasn't taken: It was emptied meanwhile/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Let it go" }));
		expect(waiting()).toEqual([]);
	});
});
