import { act, render } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { useAwake } from "./useAwake";

function Page() {
	useAwake();
	return null;
}

function screen(refuses = false) {
	const locks: { released: boolean }[] = [];
	Object.defineProperty(navigator, "wakeLock", {
		configurable: true,
		value: {
			request: vi.fn(async () => {
				if (refuses) {
					throw new Error("battery low");
				}
				const lock = {
					released: false,
					release: async () => {
						lock.released = true;
					},
				};
				locks.push(lock);
				return lock;
			}),
		},
	});
	return locks;
}

describe("useAwake", () => {
	afterEach(() => Reflect.deleteProperty(navigator, "wakeLock"));

	it("keeps the screen on while the page is open, and no longer", async () => {
		const locks = screen();
		const page = await act(async () => render(<Page />));
		expect(locks).toEqual([expect.objectContaining({ released: false })]);
		await act(async () => page.unmount());
		expect(locks[0]?.released).toBe(true);
	});

	it("takes hold again when the page is looked at again", async () => {
		const locks = screen();
		await act(async () => render(<Page />));
		await act(async () => document.dispatchEvent(new Event("visibilitychange")));
		expect(locks).toHaveLength(2);
	});

	it("does without where the device can't or won't", async () => {
		screen(true);
		await act(async () => render(<Page />));
		Reflect.deleteProperty(navigator, "wakeLock");
		await act(async () => render(<Page />));
	});
});
