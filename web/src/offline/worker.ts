import { Workbox } from "workbox-window";

const CHANGED = "pot-mellow:version";
const LOOK_AGAIN_MS = 3_600_000;

let worker: Workbox | undefined;
let waits = false;

/** Whether a new version was fetched and waits to be taken. */
export function newVersionWaits(): boolean {
	return waits;
}

export function onNewVersion(call: () => void): () => void {
	window.addEventListener(CHANGED, call);
	return () => window.removeEventListener(CHANGED, call);
}

/**
 * Lets this browser keep the pages themselves, so that they open without a connection. Where it won't, as before the garden's
 * certificate is trusted, everything works but that.
 */
export function keepPages(): void {
	if (!("serviceWorker" in navigator)) {
		return;
	}
	worker = new Workbox("/sw.js");
	worker.addEventListener("waiting", () => {
		waits = true;
		window.dispatchEvent(new Event(CHANGED));
	});
	worker.register().catch(() => {});
	const look = () => worker?.update().catch(() => {});
	window.setInterval(look, LOOK_AGAIN_MS);
	document.addEventListener("visibilitychange", () => document.visibilityState === "visible" && look());
}

/** Takes the new version: the page is loaded anew. */
export function takeNewVersion(): void {
	worker?.addEventListener("controlling", () => window.location.reload());
	worker?.messageSkipWaiting();
}
