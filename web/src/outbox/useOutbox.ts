import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect } from "react";
import type { Waiting } from "./outbox";
import { sendWaiting } from "./send";
import { useWaiting } from "./useWaiting";

const TRY_AGAIN_MS = 15_000;

/** What waits for a connection; it is tried again by itself, and at once when the connection is back. */
export function useOutbox(): { readonly entries: readonly Waiting[]; readonly send: () => Promise<void> } {
	const queryClient = useQueryClient();
	const entries = useWaiting();
	const send = useCallback(async () => {
		const changed = await sendWaiting();
		if (changed.length > 0) {
			queryClient.invalidateQueries({ queryKey: ["pots"] });
			queryClient.invalidateQueries({ queryKey: ["round"] });
		}
	}, [queryClient]);
	const lost = entries.some((entry) => entry.refused === undefined);
	useEffect(() => {
		if (!lost) {
			return;
		}
		send();
		const timer = window.setInterval(send, TRY_AGAIN_MS);
		window.addEventListener("online", send);
		return () => {
			window.clearInterval(timer);
			window.removeEventListener("online", send);
		};
	}, [lost, send]);
	return { entries, send };
}
