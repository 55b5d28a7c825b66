import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useSyncExternalStore } from "react";
import { useLocation } from "react-router";
import { newVersionWaits, onNewVersion, takeNewVersion } from "../../offline/worker";

/** Takes a new version between two acts: on the way from one page to another, never while something is written or sent. */
export function useNewVersion(take: () => void = takeNewVersion): void {
	const waits = useSyncExternalStore(onNewVersion, newVersionWaits);
	const queryClient = useQueryClient();
	const { pathname } = useLocation();
	const seen = useRef(pathname);
	useEffect(() => {
		const moved = seen.current !== pathname;
		seen.current = pathname;
		if (moved && waits && queryClient.isMutating() === 0) {
			take();
		}
	}, [pathname, waits, queryClient, take]);
}
