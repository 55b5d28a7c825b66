import { useEffect, useRef, useState } from "react";

/** The width of an element, kept true while the window changes. */
export function useWidth<E extends HTMLElement>(initial: number) {
	const ref = useRef<E>(null);
	const [width, setWidth] = useState(initial);
	useEffect(() => {
		const element = ref.current;
		if (!element || typeof ResizeObserver === "undefined") {
			return;
		}
		const observer = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width));
		observer.observe(element);
		return () => observer.disconnect();
	}, []);
	return { ref, width };
}
