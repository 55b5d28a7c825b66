import "@testing-library/jest-dom/vitest";
import { cleanup, configure } from "@testing-library/react";
import { afterEach, expect, vi } from "vitest";
import { PATIENCE } from "./testing/patience";
import { unforeseenCalls } from "./testing/unforeseen";

configure({ asyncUtilTimeout: PATIENCE.query });

/** The test's document knows no media queries: it is a wide, light screen. */
vi.stubGlobal("matchMedia", (query: string) => ({
	matches: false,
	media: query,
	addListener: () => {},
	removeListener: () => {},
	addEventListener: () => {},
	removeEventListener: () => {},
}));

afterEach(() => {
	cleanup();
	expect(unforeseenCalls(), "calls that the test gave no reply to").toEqual([]);
	window.sessionStorage.clear();
});
