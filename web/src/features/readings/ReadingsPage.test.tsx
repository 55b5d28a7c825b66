import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { GARDEN, serve, show } from "../../testing/serve";
import { ReadingsPage } from "./ReadingsPage";

const RAW = { code: "J4", meter: "ph", value: "12", at: "2026-05-20T08:00:00Z" };
const DOOR = {
	tokens: [{ id: "t1", name: "Shelf probe", madeAt: "2026-05-01T08:00:00Z", revoked: false }],
	held: [{ id: "h1", reading: RAW, why: "That is odd for a pot.", receivedAt: "2026-05-20T08:00:00Z" }],
	columns: ["code", "meter", "value", "at"],
};

function open(replies: Parameters<typeof serve>[0] = {}) {
	const sent = serve({ "GET /api/outside": () => [200, DOOR], ...replies });
	show(<ReadingsPage />);
	return sent;
}

describe("ReadingsPage", () => {
	it("lets a reading that was held back be taken all the same, or dropped", async () => {
		const sent = open({
			"POST /api/outside/held/h1/takings": () => [200, DOOR],
			"POST /api/outside/held/h1/droppings": () => [200, DOOR],
		});
		expect(await screen.findByText(/That is odd for a pot/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Take J4 ph 12 all the same" }));
		await userEvent.click(screen.getByRole("button", { name: "Drop J4 ph 12" }));
		await waitFor(() =>
			expect(sent.map((call) => call.path)).toEqual([
				"POST /api/outside/held/h1/takings",
				"POST /api/outside/held/h1/droppings",
			]),
		);
	});

	it("shows a new token once", async () => {
		const sent = open({ "POST /api/outside/tokens": () => [200, { token: "mellow-abc" }] });
		await userEvent.type(await screen.findByRole("textbox", { name: "Another instrument" }), "Heap probe");
		await userEvent.selectOptions(screen.getByLabelText("It counts"), "for 30 days");
		await userEvent.click(screen.getByRole("button", { name: "Give it a token" }));
		expect(await screen.findByText("mellow-abc")).toBeVisible();
		expect(sent[0]?.body).toEqual({ name: "Heap probe", scope: "READINGS", days: 30 });
	});

	it("looks at a file first, and tells what would be held back", async () => {
		const rows = [{ reading: RAW, kind: "HELD", why: "That is odd for a pot." }];
		const received = { good: 2, known: 1, held: 1, rows };
		const sent = open({
			"POST /api/outside/previews": () => [200, received],
			"POST /api/outside/imports": () => [200, received],
		});
		await userEvent.type(await screen.findByRole("textbox", { name: /CSV with the columns/ }), "code,meter");
		await userEvent.click(screen.getByRole("button", { name: "Check it first" }));
		expect(await screen.findByText("2 can be taken in")).toBeVisible();
		expect(screen.getByText(/1 to be held back/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Import" }));
		expect(await screen.findByText("2 taken in")).toBeVisible();
		expect(sent[0]?.body).toEqual({ text: "code,meter" });
	});

	it("puts the simulated instruments away", async () => {
		const sent = open({ "PUT /api/garden/stand-ins": () => [200, GARDEN] });
		await userEvent.click(await screen.findByRole("checkbox", { name: /Simulated thermometer/ }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ standIns: false, version: 7 }));
	});
});
