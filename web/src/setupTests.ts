import "@testing-library/jest-dom/vitest";
import { cleanup, configure } from "@testing-library/react";
import { afterEach, vi } from "vitest";
import { PATIENCE } from "./testing/patience";

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
	window.sessionStorage.clear();
});
