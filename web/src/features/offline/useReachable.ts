import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useSyncExternalStore } from "react";
import { reach } from "../../api/reach";
import { isReachable, onReachable } from "../../api/reachable";

const ASK_AGAIN_MS = 15_000;

/**
 * Whether something answers. While nothing does it is asked again by itself: a page that has everything it wants would never ask, and
 * never learn that the connection is back. What is shown is then asked anew, being as old as it is.
 */
export function useReachable(): boolean {
	const reachable = useSyncExternalStore(onReachable, isReachable);
	const queryClient = useQueryClient();
	useEffect(() => {
		if (reachable) {
			return;
		}
		const ask = () => {
			reach("/api/me").catch(() => {});
		};
		const timer = window.setInterval(ask, ASK_AGAIN_MS);
		window.addEventListener("online", ask);
		document.addEventListener("visibilitychange", ask);
		return () => {
			window.clearInterval(timer);
			window.removeEventListener("online", ask);
			document.removeEventListener("visibilitychange", ask);
			if (isReachable()) {
				queryClient.invalidateQueries();
			}
		};
	}, [reachable, queryClient]);
	return reachable;
}
