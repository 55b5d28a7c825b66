import { useEffect, useState } from "react";
import { onChange, type Waiting, waiting } from "./outbox";

/** What is kept on this device until something answers, kept true while it changes. */
export function useWaiting(): readonly Waiting[] {
	const [entries, setEntries] = useState(waiting);
	useEffect(() => onChange(() => setEntries(waiting())), []);
	return entries;
}
