import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import { onChange, type Waiting, waiting } from "./outbox";
import { sendWaiting } from "./send";

const TRY_AGAIN_MS = 15_000;

/** What waits for a connection; it is tried again by itself, and at once when the connection is back. */
export function useOutbox(): { readonly entries: readonly Waiting[]; readonly send: () => Promise<void> } {
	const queryClient = useQueryClient();
	const [entries, setEntries] = useState(waiting);
	const send = useCallback(async () => {
		const changed = await sendWaiting();
		if (changed.length > 0) {
			queryClient.invalidateQueries({ queryKey: ["pots"] });
			queryClient.invalidateQueries({ queryKey: ["round"] });
		}
	}, [queryClient]);
	useEffect(() => onChange(() => setEntries(waiting())), []);
	const lost = entries.some((entry) => entry.refused === undefined);
	useEffect(() => {
		if (!lost) {
			return;
		}
		const timer = window.setInterval(send, TRY_AGAIN_MS);
		window.addEventListener("online", send);
		return () => {
			window.clearInterval(timer);
			window.removeEventListener("online", send);
		};
	}, [lost, send]);
	return { entries, send };
}
