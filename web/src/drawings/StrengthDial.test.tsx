import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { StrengthDial } from "./StrengthDial";

const SPAN = { strongest: 400, usual: 500, weakest: 1000 };

function dial(water: number, onChange: (water: number) => void) {
	render(<StrengthDial water={water} span={SPAN} tooStrong="too strong" words="soil" onChange={onChange} />);
	return screen.getByRole("slider", { name: /Strength/ });
}

describe("StrengthDial", () => {
	it("tells its strength in words", () => {
		expect(dial(500, () => {})).toHaveAttribute("aria-valuetext", "1 to 500");
	});

	it("steps to the next stronger and weaker stop with the arrow keys", async () => {
		const onChange = vi.fn();
		dial(500, onChange).focus();
		await userEvent.keyboard("{ArrowRight}{ArrowLeft}");
		expect(onChange.mock.calls).toEqual([[450], [600]]);
	});

	it("turns five stops with the page keys, and to the ends of the safe span with Home and End", async () => {
		const onChange = vi.fn();
		dial(500, onChange).focus();
		await userEvent.keyboard("{PageUp}{PageDown}{Home}{End}");
		expect(onChange.mock.calls).toEqual([[256], [900], [1000], [400]]);
	});

	it("leaves every other key to the page", async () => {
		const onChange = vi.fn();
		dial(500, onChange).focus();
		await userEvent.keyboard("a{Enter}");
		expect(onChange).not.toHaveBeenCalled();
	});

	it("stays at its end", async () => {
		const onChange = vi.fn();
		dial(10, onChange).focus();
		await userEvent.keyboard("{ArrowRight}");
		expect(onChange).toHaveBeenCalledWith(10);
	});
});
