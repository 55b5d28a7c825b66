import { useCallback, useEffect, useRef } from "react";
import { useLocation, useNavigationType } from "react-router";

const NAME = "Pot Mellow";

/**
 * Arriving at a view: the window's title says where one is, and whoever doesn't see it is led to its heading, as soon as that is
 * there. What somebody has begun to do meanwhile isn't taken from them, and going back leaves the page where it was.
 */
export function useArrival(): void {
	const { pathname, hash } = useLocation();
	const how = useNavigationType();
	const at = useRef(pathname);
	const led = useRef(true);
	const look = useCallback(() => {
		const heading = document.querySelector<HTMLElement>("#view h1");
		if (!heading) {
			return;
		}
		document.title = `${heading.textContent?.trim()} · ${NAME}`;
		if (!led.current) {
			led.current = true;
			const part = hash && document.getElementById(hash.slice(1));
			if (part) {
				leadTo(part);
			} else {
				lead(heading);
			}
		}
	}, [hash]);
	useEffect(() => {
		const view = document.getElementById("view");
		const watch = new MutationObserver(look);
		if (view) {
			watch.observe(view, { childList: true, subtree: true, characterData: true });
		}
		return () => watch.disconnect();
	}, [look]);
	useEffect(() => {
		if (at.current !== pathname) {
			at.current = pathname;
			led.current = false;
			if (how !== "POP") {
				window.scrollTo?.(0, 0);
			}
		}
		look();
	}, [pathname, how, look]);
}

/** Shows a part of the view, and puts the focus on the first thing there that can be done. */
function leadTo(part: HTMLElement): void {
	part.scrollIntoView?.({ block: "start" });
	const first = part.querySelector<HTMLElement>("input, button, a") ?? part;
	first.focus({ preventScroll: true });
}

/** Puts the focus on a heading, unless it is already on something of the view. */
function lead(heading: HTMLElement): void {
	const on = document.activeElement;
	if (on instanceof HTMLElement && on !== document.body && !on.matches("a, button")) {
		return;
	}
	if (on?.closest("#view") && on !== document.body) {
		return;
	}
	heading.tabIndex = -1;
	heading.focus({ preventScroll: true });
}
