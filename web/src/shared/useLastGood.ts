import { useRef } from "react";

/** The newest answer there was, so that a slip of the finger doesn't empty the page. */
export function useLastGood<T>(data: T | undefined): T | undefined {
	const last = useRef(data);
	if (data !== undefined) {
		last.current = data;
	}
	return last.current;
}
