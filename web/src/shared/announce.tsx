import { useSyncExternalStore } from "react";

const CHANGED = "pot-mellow:announced";
let last = "";

/** Says what was done to whoever doesn't see it; the same words again are said again. */
export function announce(words: string): void {
	last = last === words ? `${words}\u00a0` : words;
	window.dispatchEvent(new Event(CHANGED));
}

/** The one place where that is read out. */
export function Announcer() {
	const words = useSyncExternalStore(
		(changed) => {
			window.addEventListener(CHANGED, changed);
			return () => window.removeEventListener(CHANGED, changed);
		},
		() => last,
	);
	return (
		<div className="visually-hidden" aria-live="polite" aria-atomic="true">
			{words}
		</div>
	);
}
