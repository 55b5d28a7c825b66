const calls: string[] = [];

/** Notes a call that a test gave no reply to. */
export function foreseeNot(path: string): void {
	calls.push(path);
}

/** Those calls, since this was asked last. */
export function unforeseenCalls(): readonly string[] {
	return calls.splice(0);
}
