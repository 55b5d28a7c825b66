const PLACE = "pot-mellow.keys";

/** Whether single keys act at all: whoever speaks to the device, or slips easily, can turn them off. */
export function keysAct(): boolean {
	return window.localStorage.getItem(PLACE) !== "off";
}

export function letKeysAct(act: boolean): void {
	window.localStorage.setItem(PLACE, act ? "on" : "off");
}

/**
 * Whether a key that was pressed is a shortcut: nothing is open, nothing is being typed or chosen, and no other key is held with it.
 */
export function isShortcut(event: KeyboardEvent): boolean {
	const on = event.target instanceof Element ? event.target : document.body;
	return (
		keysAct() &&
		!event.ctrlKey &&
		!event.metaKey &&
		!event.altKey &&
		document.querySelector("[role=dialog]") === null &&
		!on.closest("form, input, textarea, select, [contenteditable], [role=radiogroup], [role=slider]")
	);
}
