import { renderHook } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { useWriteKey } from "./useWriteKey";

describe("useWriteKey", () => {
	it("gives what is repeated the key it had, and what has changed another", () => {
		const { result } = renderHook(() => useWriteKey());
		const first = result.current.of({ look: "LUSH" });
		expect(result.current.of({ look: "LUSH" })).toBe(first);
		const second = result.current.of({ look: "PALE" });
		expect(second).not.toBe(first);
		expect(result.current.keyed({ look: "PALE" })).toEqual({ look: "PALE", key: second });
	});

	it("gives the same another key once it is done", () => {
		const { result } = renderHook(() => useWriteKey());
		const first = result.current.of(null);
		result.current.renew();
		expect(result.current.of(null)).not.toBe(first);
	});
});
