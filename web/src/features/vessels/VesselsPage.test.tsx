import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { serve, show } from "../../testing/serve";
import { VesselsPage } from "./VesselsPage";

function vessel(code: string, changes: Record<string, unknown> = {}) {
	return { id: code, code, kind: "JAR", kindWords: "jar", walls: "glass", capacity: "3 L", ...changes };
}

describe("VesselsPage", () => {
	it("tells what each holds, and offers to retire only what is free", async () => {
		const sent = serve({
			"GET /api/vessels": () => [
				200,
				[vessel("J1"), vessel("J2", { holds: "Dock juice" }), vessel("J3", { retiredOn: "2026-05-01" })],
			],
			"POST /api/vessels/J1/retirement": () => [204, null],
			"DELETE /api/vessels/J3/retirement": () => [204, null],
		});
		show(<VesselsPage />);
		expect(await screen.findByText(/holds Dock juice/)).toBeVisible();
		expect(screen.queryByRole("button", { name: "Retire J2" })).not.toBeInTheDocument();
		expect(screen.getByText(/since Fri 1 May/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Retire J1" }));
		await userEvent.click(screen.getByRole("button", { name: "Cancel retiring J1" }));
		expect(sent).toHaveLength(0);
		await userEvent.click(screen.getByRole("button", { name: "Retire J1" }));
		await userEvent.click(screen.getByRole("button", { name: "Retire J1" }));
		await waitFor(() => expect(sent.map((one) => one.path)).toEqual(["POST /api/vessels/J1/retirement"]));
	});

	it("takes a retired vessel into use again", async () => {
		const sent = serve({
			"GET /api/vessels": () => [200, [vessel("J3", { retiredOn: "2026-05-01" })]],
			"DELETE /api/vessels/J3/retirement": () => [204, null],
		});
		show(<VesselsPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Use J3 again" }));
		await waitFor(() => expect(sent.map((one) => one.path)).toEqual(["DELETE /api/vessels/J3/retirement"]));
	});

	it("adds a vessel, and says beside the code that it is taken", async () => {
		let times = 0;
		const sent = serve({
			"GET /api/vessels": () => [200, []],
			"POST /api/vessels": () => {
				times += 1;
				return times === 1
					? [409, { status: 409, code: "code-taken", detail: "The code B1 is taken." }]
					: [200, vessel("B2", { kind: "BUCKET", kindWords: "bucket", capacity: "20 L" })];
			},
		});
		show(<VesselsPage />);
		expect(await screen.findByRole("heading", { name: "No vessel yet" })).toBeVisible();
		await userEvent.type(screen.getByRole("textbox", { name: "Code" }), "B1");
		await userEvent.click(screen.getByRole("button", { name: "Add it" }));
		expect(await screen.findByText("The code B1 is taken.")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Add it" }));
		expect(await screen.findByText(/Write B2 on body and lid of the 20 L bucket/)).toBeVisible();
		expect(sent[0]?.body).toMatchObject({ kind: "BUCKET", capacity: "20 L", code: "B1" });
	});
});
