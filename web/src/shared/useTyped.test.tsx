import { act, render, renderHook, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { TypedBefore } from "./TypedBefore";
import { forgetOldTyped, forgetTyped, useTyped } from "./useTyped";

const START = { note: "", amount: "1 kg" };
const form = (place: string | undefined = "visit") => renderHook(() => useTyped(place, START));

describe("what is typed and not sent", () => {
	afterEach(() => {
		vi.restoreAllMocks();
		vi.useRealTimers();
	});

	it("is there again when its form opens anew, with the moment", () => {
		vi.useFakeTimers({ now: new Date("2026-05-20T08:10:00Z") });
		const first = form();
		act(() => first.result.current.change({ note: "foam" }));
		first.unmount();
		const again = form();
		expect(again.result.current.typed).toEqual({ note: "foam", amount: "1 kg" });
		expect(again.result.current.since).toBe("2026-05-20T08:10:00.000Z");
	});

	it("keeps both of two changes at once", () => {
		const { result } = form();
		act(() => {
			result.current.change({ note: "foam" });
			result.current.change({ amount: "2 kg" });
		});
		expect(form().result.current.typed).toEqual({ note: "foam", amount: "2 kg" });
	});

	it("is gone once it was sent, in the open form too", () => {
		const { result } = form();
		act(() => result.current.change({ note: "foam" }));
		act(() => result.current.letGo());
		expect(result.current.typed).toEqual(START);
		expect(form().result.current.since).toBeUndefined();
	});

	it("belongs to its own form", () => {
		const { result } = form("visit to another pot");
		act(() => result.current.change({ note: "foam" }));
		expect(form().result.current.typed).toEqual(START);
	});

	it("takes what a form asks by now with what was kept before it did", () => {
		localStorage.setItem("typed: visit", JSON.stringify({ value: { note: "foam" }, at: Date.now() }));
		expect(form().result.current.typed).toEqual({ note: "foam", amount: "1 kg" });
	});

	it("opens fresh where what is kept can't be read", () => {
		localStorage.setItem("typed: visit", "{");
		expect(form().result.current.typed).toEqual(START);
	});

	it("is let go of after a month", () => {
		vi.useFakeTimers({ now: new Date("2026-05-20T08:10:00Z") });
		const { result } = form();
		act(() => result.current.change({ note: "foam" }));
		vi.setSystemTime(new Date("2026-06-19T08:10:00Z"));
		expect(form().result.current.typed).toEqual(START);
	});

	it("is cleared away where nobody came back to it", () => {
		const month = 30 * 86_400_000;
		localStorage.setItem("typed: old", JSON.stringify({ value: START, at: Date.now() - month }));
		localStorage.setItem("typed: young", JSON.stringify({ value: START, at: Date.now() }));
		forgetOldTyped();
		expect(Object.keys(localStorage)).toEqual(["typed: young"]);
	});

	it("stays with the form that it was typed in", () => {
		const { result, rerender } = renderHook(({ of }) => useTyped(of, START), { initialProps: { of: "version 3" } });
		rerender({ of: "version 4" });
		act(() => result.current.change({ note: "foam" }));
		expect(form("version 3").result.current.typed.note).toBe("foam");
		expect(form("version 4").result.current.typed).toEqual(START);
	});

	it("goes with whoever signs out, and nothing else does", () => {
		const { result } = form();
		act(() => result.current.change({ note: "foam" }));
		localStorage.setItem("something else", "stays");
		forgetTyped();
		expect(form().result.current.typed).toEqual(START);
		expect(localStorage.getItem("something else")).toBe("stays");
	});

	it("stays on the page where the browser keeps nothing", () => {
		vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
			throw new DOMException("full", "QuotaExceededError");
		});
		const { result } = form();
		act(() => result.current.change({ note: "foam" }));
		expect(result.current.typed.note).toBe("foam");
	});

	it("is told with its moment after a while, and can be let go of", async () => {
		const letGo = vi.fn();
		const wall = { zone: "Europe/London", clockface: "HOURS_24" } as const;
		const { rerender } = render(<TypedBefore since={new Date().toISOString()} wall={wall} onLetGo={letGo} />);
		expect(screen.queryByRole("status")).toBeNull();
		rerender(<TypedBefore since="2026-05-20T07:10:00Z" wall={wall} onLetGo={letGo} />);
		expect(screen.getByRole("status")).toHaveTextContent(/Wed.* 20 May.* 8:10, not sent yet/);
		await userEvent.click(screen.getByRole("button", { name: "Begin afresh" }));
		expect(letGo).toHaveBeenCalledOnce();
	});
});
