import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { serve, show } from "../../testing/serve";
import { NotebookPage } from "./NotebookPage";

const COLUMNS = ["Day", "Notes", "Bed"];
const GOOD = { number: 2, words: "4 May 2026: watered Beans", good: true, known: false };
const KNOWN = { number: 3, words: "5 May 2026: watered Beans", good: true, known: true };
const BAD = { number: 4, words: "“moon” isn't one of them.", good: false, known: false };

function notebook(lines: readonly object[]) {
	return serve({
		"POST /api/notebooks/preview": (body) => [
			200,
			{ columns: COLUMNS, matched: body.columns ?? { date: "Day", what: "Notes" }, lines },
		],
		"POST /api/notebooks": () => [200, { lines: 1 }],
	});
}

async function paste() {
	show(<NotebookPage />);
	await userEvent.click(screen.getByRole("textbox", { name: "Or paste it" }));
	await userEvent.paste("Day,Notes,Bed\n2026-05-04,watered,Beans\n");
}

describe("NotebookPage", () => {
	it("shows every line before it is taken in, and what is known", async () => {
		const sent = notebook([GOOD, KNOWN]);
		await paste();
		expect(await screen.findByText("4 May 2026: watered Beans")).toBeVisible();
		expect(screen.getByText(/known already/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Take 1 line in" }));
		expect(await screen.findByText(/1 line; what was known counts once/)).toBeVisible();
		expect(sent.map((call) => call.path)).toContain("POST /api/notebooks");
	});

	it("matches columns on screen", async () => {
		const sent = notebook([GOOD]);
		await paste();
		await userEvent.selectOptions(await screen.findByRole("combobox", { name: "Where" }), "Bed");
		await waitFor(() =>
			expect(sent.at(-1)?.body).toMatchObject({ columns: { date: "Day", what: "Notes", where: "Bed" } }),
		);
	});

	it("takes nothing in while a line is bad, unless it is left out", async () => {
		const sent = notebook([GOOD, BAD]);
		await paste();
		const take = await screen.findByRole("button", { name: "Take 1 line in" });
		expect(take).toBeDisabled();
		await userEvent.click(screen.getByRole("checkbox", { name: "Leave out line 4" }));
		await userEvent.click(take);
		await waitFor(() =>
			expect(sent.map((call) => call.body)).toContainEqual(expect.objectContaining({ leaveOut: true })),
		);
	});
});
