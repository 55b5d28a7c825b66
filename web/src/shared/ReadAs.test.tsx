import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { ReadAs } from "./ReadAs";

describe("ReadAs", () => {
	it("says how an entry was understood", () => {
		render(<ReadAs typed="12 eggs" read="66 g" />);
		expect(screen.getByText("read as 66 g")).toBeVisible();
	});

	it.each([
		["1.5 L", "1.5 L"],
		["1.5l", "1.5 L"],
		["abc", undefined],
	])("says nothing of %s read as %s", (typed, read) => {
		const { container } = render(<ReadAs typed={typed} read={read} />);
		expect(container).toBeEmptyDOMElement();
	});
});
