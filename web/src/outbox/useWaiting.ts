import { useEffect, useSyncExternalStore } from "react";
import type { Waiting } from "./act";
import { onChange, open, waiting } from "./outbox";

/** What is kept on this device until something answers, kept true while it changes. */
export function useWaiting(): readonly Waiting[] {
	useEffect(() => {
		open().catch(() => {});
	}, []);
	return useSyncExternalStore(onChange, waiting);
}
