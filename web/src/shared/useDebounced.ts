import { useEffect, useState } from "react";

/** A value that follows only after it has rested: one question to the server for a word, not one a letter. */
export function useDebounced<T>(value: T, milliseconds = 160): T {
	const [rested, setRested] = useState(value);
	useEffect(() => {
		const timer = setTimeout(() => setRested(value), milliseconds);
		return () => clearTimeout(timer);
	}, [value, milliseconds]);
	return rested;
}
