import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it } from "vitest";
import { Options } from "./Options";

const TARGETS = [
	{ id: "soil", words: "Soil" },
	{ id: "leaves", words: "Leaves" },
	{ id: "seedlings", words: "Seedlings" },
];

function Trial() {
	const [value, setValue] = useState("soil");
	return <Options label="Where it goes" options={TARGETS} value={value} onChange={setValue} />;
}

describe("Options", () => {
	it("takes the choice that is tapped", async () => {
		render(<Trial />);
		await userEvent.click(screen.getByRole("radio", { name: "Leaves" }));
		expect(screen.getByRole("radio", { name: "Leaves" })).toBeChecked();
		expect(screen.getByRole("radio", { name: "Soil" })).not.toBeChecked();
	});

	it("moves with the arrow keys, round the end, and takes the focus along", async () => {
		render(<Trial />);
		await userEvent.tab();
		expect(screen.getByRole("radio", { name: "Soil" })).toHaveFocus();
		await userEvent.keyboard("{ArrowLeft}");
		expect(screen.getByRole("radio", { name: "Seedlings" })).toBeChecked();
		expect(screen.getByRole("radio", { name: "Seedlings" })).toHaveFocus();
	});
});
