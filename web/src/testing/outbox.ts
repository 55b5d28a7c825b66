import { cleanup } from "@testing-library/react";
import { type Act, drop, type Waiting, waiting } from "../outbox";

/** Something that is kept, said on the sample morning at the machine itself. */
export function kept(act: Act, key: string = crypto.randomUUID()): Omit<Waiting, "order"> {
	return { key, at: "2026-05-20T07:40:00Z", by: "", name: "Dock juice", act };
}

/** What one test kept is nothing to the next; no view is there any more to see it go. */
export async function emptyOutbox(): Promise<void> {
	cleanup();
	for (const { key } of waiting()) {
		await drop(key);
	}
}
