import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { ProblemError, troubleAt } from "../api/problem";
import { TextField } from "./TextField";

const TWICE = new ProblemError({
	status: 422,
	code: "ambiguous",
	field: "mix",
	detail: "The mix (“1,500 mL”) could be read as 1.5 mL or as 1500 mL. Choose or write the one you mean.",
	readings: ["1.5 mL", "1500 mL"],
});

describe("what could be meant", () => {
	it("is offered beside the field that it is about, and taken by a tap", async () => {
		const onChange = vi.fn();
		render(<TextField id="mix" label="Mix" value="1,500 mL" problem={troubleAt(TWICE, "mix")} onChange={onChange} />);
		await userEvent.click(screen.getByRole("button", { name: "1500 mL" }));
		expect(onChange).toHaveBeenCalledWith("1500 mL");
	});

	it("is not offered beside other fields, nor for other problems", () => {
		expect(troubleAt(TWICE, "can")).toBeUndefined();
		expect(troubleAt(new Error("lost"), "mix")).toBeUndefined();
	});
});
