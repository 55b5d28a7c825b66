import "@testing-library/jest-dom/vitest";
import "fake-indexeddb/auto";
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

/** The test's document can't read its files by itself. */
Blob.prototype.arrayBuffer ??= function (this: Blob) {
	return new Promise((resolve, reject) => {
		const reader = new FileReader();
		reader.onload = () => resolve(reader.result as ArrayBuffer);
		reader.onerror = () => reject(reader.error);
		reader.readAsArrayBuffer(this);
	});
};

Blob.prototype.text ??= async function (this: Blob) {
	return new TextDecoder().decode(await this.arrayBuffer());
};

afterEach(() => {
	cleanup();
	expect(unforeseenCalls(), "calls that the test gave no reply to").toEqual([]);
	window.sessionStorage.clear();
	window.localStorage.clear();
});
