import { answer, client } from "../api/client";
import { problemFrom } from "../api/problem";
import { reach } from "../api/reach";
import type { Check, Pot } from "../api/types";
import { drop, keep, type Waiting, waiting } from "./outbox";

/** Sends one visit under its key. Where nothing answers it isn't waited for: it is kept here, and sent from here. */
export function sendCheck(key: string, potId: string, check: Check): Promise<Pot> {
	return answer(
		client.POST("/api/pots/{id}/checks", {
			params: { path: { id: potId }, header: { "Idempotency-Key": key } },
			body: check,
			fetch: reach,
		}),
	);
}

/** Whether nothing answered, so that it is worth trying again later. */
export function isLost(error: unknown): boolean {
	const { status } = problemFrom(error);
	return status === 0 || status === 502 || status === 503 || status === 504;
}

/**
 * Tries to send everything that waits, the oldest first; stops where nothing answers.
 *
 * @returns ids of the pots that changed
 */
export async function sendWaiting(): Promise<readonly string[]> {
	const changed: string[] = [];
	for (const entry of waiting().filter((one) => one.refused === undefined)) {
		try {
			await sendCheck(entry.key, entry.potId, entry.check);
			drop(entry.key);
			changed.push(entry.potId);
		} catch (error) {
			if (isLost(error)) {
				return changed;
			}
			keep({ ...entry, refused: problemFrom(error).detail } satisfies Waiting);
		}
	}
	return changed;
}
