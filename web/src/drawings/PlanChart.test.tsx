import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { LIQUID, PLAN } from "../testing/plan";
import { PlanChart } from "./PlanChart";

function bar(name: RegExp) {
	return screen.getByRole("button", { name });
}

function left(element: Element | undefined): number {
	return Number(element?.getAttribute("x"));
}

describe("the chart of the plan", () => {
	it("draws a bar for every step, the later one farther right", () => {
		render(<PlanChart plan={PLAN} by="step" onOpen={() => {}} />);

		const juice = bar(/^Fermented plant juice in J1: set Mon 1 Jun, 8:00/).querySelectorAll("rect")[1];
		const liquid = bar(/^Woken forest liquid in B1/).querySelectorAll("rect")[1];
		expect(left(liquid)).toBeGreaterThan(left(juice));
	});

	it("draws the hopeful part solid and the safe part behind it", () => {
		render(<PlanChart plan={PLAN} by="step" onOpen={() => {}} />);

		const [, hopeful, safe] = bar(/^Fermented/).querySelectorAll("rect");
		expect(left(safe)).toBeCloseTo(left(hopeful) + Number(hopeful?.getAttribute("width")), 3);
	});

	it("opens a step by tap and by keyboard", async () => {
		const open = vi.fn();
		render(<PlanChart plan={PLAN} by="step" onOpen={open} />);

		await userEvent.click(bar(/^Fermented/));
		bar(/^Woken/).focus();
		await userEvent.keyboard("{Enter}");
		await userEvent.keyboard(" ");

		expect(open.mock.calls).toEqual([["s1"], ["s2"], ["s2"]]);
	});

	it("gives one lane to each vessel, in the order of their codes", () => {
		const shared = { ...PLAN, steps: [PLAN.steps[0] ?? LIQUID, { ...LIQUID, code: "J1" }] };
		const { container } = render(<PlanChart plan={shared} by="vessel" onOpen={() => {}} />);

		const names = [...container.querySelectorAll("text")].map((text) => text.textContent);
		expect(names.filter((name) => name?.startsWith("J"))).toEqual(["J1", "J3"]);
	});

	it("shows rain, usual frost and what is at work", () => {
		const { container } = render(<PlanChart plan={PLAN} by="step" onOpen={() => {}} />);

		expect(screen.getByText("frost")).toBeInTheDocument();
		expect(screen.getByText("J3 Galley serum, at work")).toBeInTheDocument();
		expect(container.querySelector('path[fill="var(--water)"]')).not.toBeNull();
	});
});
