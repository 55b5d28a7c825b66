import { problemFrom } from "../api/problem";
import { isOnlyWaiting, type Waiting } from "./act";
import { drop, open, put, waiting } from "./outbox";
import { isLost, isShutOut, send } from "./send";

/** Something stands under its key, which nobody else has: it counted when it was sent first, and only the answer was lost. */
const COUNTED = "something-else";
const ROW = "pot-mellow.outbox";

/**
 * Tries to send everything that waits and was said by somebody, the first said first; stops where nothing answers. What can't be taken
 * as it is stays, with what is asked about it.
 *
 * @returns whether anything was taken
 */
export async function sendWaiting(by: string): Promise<boolean> {
	await open();
	return alone(async () => {
		let taken = false;
		for (const entry of waiting().filter((one) => isOnlyWaiting(one) && one.by === by)) {
			if (!(await sendOne(entry))) {
				return taken;
			}
			taken = true;
		}
		return taken;
	});
}

async function sendOne(entry: Waiting): Promise<boolean> {
	try {
		const judged = await send(entry.act, entry);
		await (judged === "" ? drop(entry.key) : put({ ...entry, judged }));
	} catch (error) {
		if (isLost(error) || isShutOut(error)) {
			return false;
		}
		const { detail, code } = problemFrom(error);
		await (code === COUNTED ? drop(entry.key) : put({ ...entry, question: { words: detail, code } }));
	}
	return true;
}

/** One tab at a time, so that the order stays. */
function alone(work: () => Promise<boolean>): Promise<boolean> {
	return navigator.locks === undefined ? work() : navigator.locks.request(ROW, work);
}
