import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect } from "react";
import type { Me } from "../api/types";
import { type Act, isOnlyWaiting, type Waiting } from "./act";
import { keep } from "./outbox";
import { isLost } from "./send";
import { sendWaiting } from "./sendWaiting";
import { useWaiting } from "./useWaiting";

const TRY_AGAIN_MS = 15_000;
/** What an act may change. */
const TOUCHED = ["pots", "round", "photos", "bottles", "beds", "feeds", "plantings"];

/** Who sits here; empty at the machine itself. */
function who(queryClient: QueryClient): string {
	return queryClient.getQueryData<Me>(["me"])?.name ?? "";
}

/** Who sits here; empty at the machine itself. What was said by others waits for them. */
export function useWho(): string {
	return who(useQueryClient());
}

/** What waits for a connection; it is tried again by itself, and at once when the connection is back. */
export function useOutbox(): { readonly entries: readonly Waiting[]; readonly send: () => Promise<void> } {
	const queryClient = useQueryClient();
	const entries = useWaiting();
	const send = useCallback(async () => {
		if (await sendWaiting(who(queryClient))) {
			for (const name of TOUCHED) {
				queryClient.invalidateQueries({ queryKey: [name] });
			}
		}
	}, [queryClient]);
	const mine = who(queryClient);
	const lost = entries.some((entry) => isOnlyWaiting(entry) && entry.by === mine);
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

/**
 * Sends an act at once; where nothing answers it is kept on this device, under the same key, and sent later. The answer is absent then.
 */
export function useSendOrKeep() {
	const queryClient = useQueryClient();
	return async <T>(key: string, name: string, act: Act, send: () => Promise<T>): Promise<T | undefined> => {
		const at = new Date().toISOString();
		try {
			return await send();
		} catch (error) {
			if (!isLost(error)) {
				throw error;
			}
			await keep({ key, at, by: who(queryClient), name, act });
			return undefined;
		}
	};
}
