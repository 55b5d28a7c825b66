import { useSyncExternalStore } from "react";

const NARROW = "(max-width: 720px)";

/** Whether the window is as narrow as a phone. */
export function useNarrow(): boolean {
	return useSyncExternalStore(
		(changed) => {
			const query = window.matchMedia(NARROW);
			query.addEventListener?.("change", changed);
			return () => query.removeEventListener?.("change", changed);
		},
		() => window.matchMedia(NARROW).matches,
	);
}
