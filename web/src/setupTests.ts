import "@testing-library/jest-dom/vitest";
import { cleanup } from "@testing-library/react";
import { afterEach, vi } from "vitest";

/** The test's document knows no media queries: it is a wide, light screen. */
vi.stubGlobal("matchMedia", (query: string) => ({
	matches: false,
	media: query,
	addListener: () => {},
	removeListener: () => {},
	addEventListener: () => {},
	removeEventListener: () => {},
}));

afterEach(cleanup);
