import { useCallback, useRef } from "react";

/** One key for one intended write: repeating it after a lost answer can't do it twice. `renew` after it is done. */
export function useWriteKey(): { current: () => string; renew: () => void } {
	const key = useRef<string | null>(null);
	const current = useCallback(() => {
		key.current ??= crypto.randomUUID();
		return key.current;
	}, []);
	const renew = useCallback(() => {
		key.current = null;
	}, []);
	return { current, renew };
}
