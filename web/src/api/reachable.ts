const CHANGED = "pot-mellow:reachable";
let reachable = true;

/** Whether the application answered when it was asked last. */
export function isReachable(): boolean {
	return reachable;
}

export function setReachable(answers: boolean): void {
	if (reachable !== answers) {
		reachable = answers;
		window.dispatchEvent(new Event(CHANGED));
	}
}

export function onReachable(call: () => void): () => void {
	window.addEventListener(CHANGED, call);
	return () => window.removeEventListener(CHANGED, call);
}
