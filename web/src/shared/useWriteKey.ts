import { useCallback, useRef } from "react";

type WriteKey = {
	/** The key for what is to be written: the same for the same, another for anything else. */
	readonly of: (body: unknown) => string;
	/** A body with its key beside it. */
	readonly keyed: <B extends object>(body: B) => B & { readonly key: string };
	/** To be called once it is written, so that the same can be meant again. */
	readonly renew: () => void;
};

/** One key for one intended write: repeating it after a lost answer can't do it twice, and a change is a write of its own. */
export function useWriteKey(): WriteKey {
	const kept = useRef<{ readonly key: string; readonly said: string } | null>(null);
	const of = useCallback((body: unknown) => {
		const said = JSON.stringify(body ?? null);
		if (kept.current?.said !== said) {
			kept.current = { key: crypto.randomUUID(), said };
		}
		return kept.current.key;
	}, []);
	const keyed = useCallback(<B extends object>(body: B) => ({ ...body, key: of(body) }), [of]);
	const renew = useCallback(() => {
		kept.current = null;
	}, []);
	return { of, keyed, renew };
}
