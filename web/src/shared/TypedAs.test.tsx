import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it } from "vitest";
import { GARDEN, serve, show } from "../testing/serve";
import { TextField } from "./TextField";

function Field() {
	const [text, setText] = useState("");
	return <TextField id="can" label="Can" as="LARGE_VOLUME" value={text} onChange={setText} />;
}

const ASKED = {
	question: "It (“2 mugs”): how much does your mug hold?",
	readings: ["250 mL", "300 mL"],
	measure: { id: "MUG", words: "mug" },
};

describe("a field that says how it is read", () => {
	it("tells it while it is typed, before anything is sent", async () => {
		const sent = serve({ "GET /api/typed": () => [200, { read: "18.93 L", readings: [] }] });
		show(<Field />);
		await userEvent.type(screen.getByRole("textbox", { name: "Can" }), "5 gal");
		expect(await screen.findByText("read as 18.93 L")).toBeVisible();
		expect(sent).toEqual([]);
	});

	it("offers the readings of what could mean two things", async () => {
		serve({
			"GET /api/typed": () => [200, { question: "It could be read as two things.", readings: ["1.5 L", "1500 L"] }],
		});
		show(<Field />);
		await userEvent.type(screen.getByRole("textbox", { name: "Can" }), "1,500 L");
		await userEvent.click(await screen.findByRole("button", { name: "1.5 L" }));
		expect(screen.getByRole("textbox", { name: "Can" })).toHaveValue("1.5 L");
	});

	it("asks once how large a measure of one's own is, and keeps it", async () => {
		let kept = false;
		const sent = serve({
			"GET /api/typed": () => [200, kept ? { read: "600 mL", readings: [] } : ASKED],
			"PUT /api/garden/sizes/MUG": () => {
				kept = true;
				return [200, { ...GARDEN, sizes: [{ measure: "MUG", words: "mug", size: "300 mL" }] }];
			},
		});
		show(<Field />);
		await userEvent.type(screen.getByRole("textbox", { name: "Can" }), "2 mugs");
		await userEvent.click(await screen.findByRole("button", { name: "300 mL" }));
		expect(await screen.findByText("read as 600 mL")).toBeVisible();
		expect(sent.map((one) => one.body)).toEqual([{ size: "300 mL" }]);
	});

	it("says what is wrong with a size, and keeps what was typed", async () => {
		serve({
			"GET /api/typed": () => [200, ASKED],
			"PUT /api/garden/sizes/MUG": () => [422, { status: 422, code: "out-of-range", detail: "The mug (0 mL) must …" }],
		});
		show(<Field />);
		await userEvent.type(screen.getByRole("textbox", { name: "Can" }), "2 mugs");
		const other = await screen.findByRole("textbox", { name: "My mug holds something else" });
		await userEvent.type(other, "0 mL");
		await userEvent.click(screen.getByRole("button", { name: "Keep it" }));
		expect(await screen.findByText("The mug (0 mL) must …")).toBeVisible();
		expect(other).toHaveValue("0 mL");
	});
});
