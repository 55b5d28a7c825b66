import { useLayoutEffect, useRef, useState } from "react";

/** The width of an element, kept true while the window changes. */
export function useWidth<E extends HTMLElement>(initial: number) {
	const ref = useRef<E>(null);
	const [width, setWidth] = useState(initial);
	// Before anything is painted: a first drawing as wide as a guess would stretch a phone's page for a moment.
	useLayoutEffect(() => {
		const element = ref.current;
		if (!element || typeof ResizeObserver === "undefined") {
			return;
		}
		setWidth(element.clientWidth || initial);
		const observer = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width));
		observer.observe(element);
		return () => observer.disconnect();
	}, [initial]);
	return { ref, width };
}
