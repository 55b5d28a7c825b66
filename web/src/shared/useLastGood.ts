import { useRef } from "react";

/**
 * The newest answer there was, so that a slip of the finger doesn't empty the page. A query's own placeholder stands only until the next
 * answer: where that is a refusal, nothing would be left to correct.
 */
export function useLastGood<T>(data: T | undefined): T | undefined {
	const last = useRef(data);
	if (data !== undefined) {
		last.current = data;
	}
	return last.current;
}
