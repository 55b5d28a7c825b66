import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { useEnterOnce } from "./useEnterOnce";

function Trial({ onKey }: { readonly onKey: (key: string) => void }) {
	useEnterOnce();
	return (
		<>
			<input aria-label="Field" onKeyDown={(event) => onKey(event.key)} />
			<textarea aria-label="Lines" onKeyDown={(event) => onKey(event.key)} />
		</>
	);
}

describe("useEnterOnce", () => {
	it("lets Enter act once, however long it is held", () => {
		const onKey = vi.fn();
		render(<Trial onKey={onKey} />);
		const field = screen.getByLabelText("Field");
		expect(fireEvent.keyDown(field, { key: "Enter" })).toBe(true);
		expect(fireEvent.keyDown(field, { key: "Enter", repeat: true })).toBe(false);
		expect(onKey).toHaveBeenCalledTimes(1);
	});

	it("leaves other keys, and fields of several lines, alone", () => {
		const onKey = vi.fn();
		render(<Trial onKey={onKey} />);
		fireEvent.keyDown(screen.getByLabelText("Field"), { key: "a", repeat: true });
		fireEvent.keyDown(screen.getByLabelText("Lines"), { key: "Enter", repeat: true });
		expect(onKey.mock.calls).toEqual([["a"], ["Enter"]]);
	});
});
