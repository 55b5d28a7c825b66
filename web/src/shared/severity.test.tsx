import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { WORKING } from "../testing/serve";
import { FindingNote } from "./FindingNote";

describe("the names of severities", () => {
	it.each([
		["NOTE", "Note"],
		["CONFIRM", "Unwise"],
		["REFUSE", "Refused"],
	] as const)("calls %s %s", (severity, name) => {
		render(<FindingNote finding={{ rule: "r", severity, concerns: "lid", words: "It bulges.", working: WORKING }} />);
		expect(screen.getByText(name)).toBeVisible();
	});
});
