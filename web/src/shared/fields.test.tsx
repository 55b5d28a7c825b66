import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it, vi } from "vitest";
import type { Finding } from "../api/types";
import { WORKING } from "../testing/serve";
import { CheckCards } from "./CheckCards";
import { Decision } from "./Decision";
import { dayAfter } from "./dates";
import { TextField } from "./TextField";

function found(severity: Finding["severity"]): Finding {
	return { rule: "rain", severity, concerns: "weather", words: "Rain within 6 hours.", working: WORKING };
}

const BEDS = [
	{ id: "a", name: "Leeks" },
	{ id: "b", name: "Beans" },
];

function Trial() {
	const [chosen, setChosen] = useState<readonly string[]>(["a"]);
	return (
		<CheckCards
			label="Plants"
			cards={BEDS}
			chosen={chosen}
			onToggle={(id) => setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id])}
			look={{ group: "", card: "" }}
		>
			{(bed) => bed.name}
		</CheckCards>
	);
}

describe("TextField", () => {
	it("says what is wrong and what is allowed to those who can't see it", () => {
		render(
			<TextField
				id="ground"
				label="Ground"
				value="-3"
				problem="At least 0.1 m²."
				hint="such as: 4 m²"
				onChange={() => {}}
			/>,
		);
		expect(screen.getByRole("textbox", { name: "Ground" })).toHaveAccessibleDescription(
			"At least 0.1 m². such as: 4 m²",
		);
		expect(screen.getByRole("textbox", { name: "Ground" })).toBeInvalid();
	});

	it("keeps what is typed, letter for letter", async () => {
		const typed = vi.fn();
		render(<TextField id="ground" label="Ground" value="" onChange={typed} />);
		await userEvent.type(screen.getByRole("textbox", { name: "Ground" }), "4");
		expect(typed).toHaveBeenCalledWith("4");
	});
});

describe("CheckCards", () => {
	it("takes several at once, and none", async () => {
		render(<Trial />);
		await userEvent.click(screen.getByRole("checkbox", { name: "Beans" }));
		expect(screen.getAllByRole("checkbox", { checked: true })).toHaveLength(2);
		await userEvent.click(screen.getByRole("checkbox", { name: "Leeks" }));
		await userEvent.click(screen.getByRole("checkbox", { name: "Beans" }));
		expect(screen.queryAllByRole("checkbox", { checked: true })).toHaveLength(0);
	});

	it("is ticked with the space bar", async () => {
		render(<Trial />);
		screen.getByRole("checkbox", { name: "Beans" }).focus();
		await userEvent.keyboard(" ");
		expect(screen.getByRole("checkbox", { name: "Beans" })).toBeChecked();
	});
});

describe("Decision", () => {
	it("asks only for what is unwise", () => {
		const { rerender } = render(
			<Decision findings={[found("HOLDS"), found("NOTE")]} taken={false} onTake={() => {}} />,
		);
		expect(screen.queryByRole("checkbox")).toBeNull();
		rerender(<Decision findings={[found("CONFIRM")]} taken={false} onTake={() => {}} />);
		expect(screen.getByRole("checkbox", { name: /do it all the same/ })).not.toBeChecked();
	});

	it("tells that it was taken", async () => {
		const onTake = vi.fn();
		render(<Decision findings={[found("CONFIRM")]} taken={false} onTake={onTake} />);
		await userEvent.click(screen.getByRole("checkbox"));
		expect(onTake).toHaveBeenCalledWith(true);
	});
});

describe("dayAfter", () => {
	it.each([
		["2026-03-28", 2, "2026-03-30"],
		["2026-12-31", 1, "2027-01-01"],
		["2028-02-28", 1, "2028-02-29"],
		["2026-05-20", 0, "2026-05-20"],
	])("counts from %s by %d days to %s", (day, days, then) => {
		expect(dayAfter(day, days)).toBe(then);
	});
});
