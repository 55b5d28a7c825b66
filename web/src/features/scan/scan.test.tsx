import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useLocation } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { serve, show } from "../../testing/serve";
import { codeIn } from "./codeIn";
import { ScanButton } from "./ScanButton";
import { useGoToCode } from "./useGoToCode";

describe("codeIn", () => {
	it.each([
		["https://mellow.local:8443/c/J4", "J4"],
		["http://127.0.0.1:8080/codes/b12", "B12"],
		[" j4 ", "J4"],
		["https://mellow.local/c/J4/", "J4"],
	])("finds in %s the code %s", (text, code) => {
		expect(codeIn(text)).toBe(code);
	});

	it.each(["https://somewhere.example/p/J4", "WIFI:S:shed;;", "", "https://mellow.local/c/", "123456789"])(
		"finds none in %s",
		(text) => {
			expect(codeIn(text)).toBeUndefined();
		},
	);
});

describe("scanning", () => {
	afterEach(() => vi.unstubAllGlobals());

	it.each([
		["NotAllowedError", /may not use the camera/],
		["NotFoundError", /has no camera/],
		["NotReadableError", /Something else uses the camera/],
		["OverconstrainedError", /can't be used here/],
	])("says why there is no picture (%s), and lets the code be typed", async (name, words) => {
		const getUserMedia = () => Promise.reject(Object.assign(new Error(), { name }));
		vi.stubGlobal("navigator", { ...navigator, mediaDevices: { getUserMedia } });
		serve({});
		const onCode = vi.fn();
		show(<ScanButton onCode={onCode} />);
		await userEvent.click(screen.getByRole("button", { name: "Scan a label" }));
		expect(await screen.findByText(words)).toBeVisible();
		await userEvent.type(screen.getByLabelText(/type the code/), "j4");
		await userEvent.click(screen.getByRole("button", { name: "That one" }));
		expect(onCode).toHaveBeenCalledWith("J4");
	});
});

function Way() {
	const goTo = useGoToCode();
	return (
		<button type="button" onClick={() => goTo("J4")}>
			go from {useLocation().pathname}
		</button>
	);
}

describe("the way to a code", () => {
	const POT = { id: "p1", name: "Dock juice", title: "Juice", setAt: "2026-05-20T07:40:00Z", how: "" };

	it.each([
		[[POT], "/pots/p1"],
		[[POT, { ...POT, id: "p2" }], "/codes/J4"],
		[[], "/codes/J4"],
	])("leads to its one pot, or to its page", async (onDay, address) => {
		serve({ "GET /api/codes/J4": () => [200, { code: "J4", what: "jar", day: "2026-05-20", onDay, ever: [] }] });
		show(<Way />, "/round");
		await userEvent.click(screen.getByRole("button"));
		await waitFor(() => expect(screen.getByRole("button")).toHaveTextContent(`go from ${address}`));
	});
});
