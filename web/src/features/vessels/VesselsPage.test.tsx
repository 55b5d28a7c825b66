import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { serve, show } from "../../testing/serve";
import { VesselsPage } from "./VesselsPage";

function vessel(code: string, changes: Record<string, unknown> = {}) {
	return { id: code, code, kind: "JAR", kindWords: "jar", walls: "glass", capacity: "3 L", ...changes };
}

const PLACE = { id: "s1", name: "Galley shelf", temperature: "19.5 °C", light: "SHADE", outdoors: false };

describe("VesselsPage", () => {
	it("tells what each holds, and offers to retire only what is free", async () => {
		const sent = serve({
			"GET /api/vessels": () => [
				200,
				[vessel("J1"), vessel("J2", { holds: "Dock juice" }), vessel("J3", { retiredOn: "2026-05-01" })],
			],
			"GET /api/places": () => [200, [PLACE]],
			"POST /api/vessels/J1/retirement": () => [204, null],
		});
		show(<VesselsPage />);
		expect(await screen.findByText(/holds Dock juice/)).toBeVisible();
		expect(screen.queryByRole("button", { name: "Retire J2" })).not.toBeInTheDocument();
		expect(screen.getByText(/since 2026-05-01/)).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Retire J1" }));
		expect(sent).toHaveLength(1);
	});

	it("adds a vessel, and says beside the code that it is taken", async () => {
		let times = 0;
		const sent = serve({
			"GET /api/vessels": () => [200, []],
			"GET /api/places": () => [200, [PLACE]],
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

	it("adds a place", async () => {
		const sent = serve({
			"GET /api/vessels": () => [200, [vessel("J1")]],
			"GET /api/places": () => [200, [PLACE]],
			"POST /api/places": () => [200, PLACE],
		});
		show(<VesselsPage />);
		await userEvent.type(await screen.findByRole("textbox", { name: "Another place" }), "Lee wall");
		await userEvent.type(screen.getByRole("textbox", { name: "Usual warmth" }), "9");
		await userEvent.click(screen.getByRole("checkbox", { name: "Outdoors" }));
		expect(screen.queryByRole("textbox", { name: /Size of the room/ })).not.toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "Add the place" }));
		expect(sent[0]?.body).toMatchObject({ name: "Lee wall", temperature: "9", outdoors: true, light: "SHADE" });
	});
});
