import { useEffect } from "react";

/** Enter acts once, however long it is held: repeats of the key reach nothing but a field of several lines. */
export function useEnterOnce(): void {
	useEffect(() => {
		const swallow = (event: KeyboardEvent) => {
			if (event.key === "Enter" && event.repeat && !(event.target instanceof HTMLTextAreaElement)) {
				event.preventDefault();
				event.stopPropagation();
			}
		};
		window.addEventListener("keydown", swallow, { capture: true });
		return () => window.removeEventListener("keydown", swallow, { capture: true });
	}, []);
}
