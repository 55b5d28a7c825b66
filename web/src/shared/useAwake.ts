import { useEffect } from "react";

/** Keeps the screen on while a page is looked at, where the device can: wet hands wake no phone. */
export function useAwake(): void {
	useEffect(() => {
		let held: WakeLockSentinel | undefined;
		let over = false;
		const hold = async () => {
			if (over || document.visibilityState !== "visible") {
				return;
			}
			// A device that spares its battery says no; then the screen goes out as always.
			held = await navigator.wakeLock?.request("screen").catch(() => undefined);
			if (over) {
				held?.release();
			}
		};
		hold();
		document.addEventListener("visibilitychange", hold);
		return () => {
			over = true;
			document.removeEventListener("visibilitychange", hold);
			held?.release();
		};
	}, []);
}
