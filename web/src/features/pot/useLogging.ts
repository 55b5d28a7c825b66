import { useRef } from "react";
import { problemFrom } from "../../api/problem";
import type { Check, LogEntry, Pot } from "../../api/types";
import { useWriteKey } from "../../shared/useWriteKey";
import { type Logged, useCheck } from "./queries";
import type { Visit } from "./visit";

export type Act = Check["act"];

const ODD = /^odd-reading-/;

type Logging = {
	readonly pot: Pot;
	readonly visit: Visit;
	/** An entry that this one stands in for. */
	readonly corrects?: LogEntry;
	readonly onLogged: (after: Logged) => void;
};

/** Logs a visit, one at a time: what comes before the answer is the same tap again. */
export function useLogging({ pot, visit, corrects, onLogged }: Logging) {
	const check = useCheck(pot.summary.id, pot.summary.name);
	const key = useWriteKey();
	const busy = useRef(false);
	const log = (act: Act, confirmed: string[] = []) => {
		if (busy.current) {
			return;
		}
		busy.current = true;
		check.mutate(key.keyed({ check: { ...checkOf(act, visit), confirmed, corrects: corrects?.id } }), {
			onSuccess: (after) => {
				key.renew();
				onLogged(after);
			},
			onSettled: () => {
				busy.current = false;
			},
		});
	};
	const problem = check.error ? problemFrom(check.error) : undefined;
	const odd = problem && ODD.test(problem.code) ? problem : undefined;
	return { check, log, problem, odd };
}

function checkOf(act: Act, visit: Visit): Check {
	return {
		act,
		signs: { ...visit.signs },
		readings: { ...visit.readings },
		standIns: [...visit.standIns],
		note: visit.note,
		when: visit.when || undefined,
		drained: visit.drained || undefined,
		replaced: act === "TOPPED_UP" ? visit.replaced : "",
		confirmed: [],
	};
}
