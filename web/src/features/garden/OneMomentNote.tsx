import { useSyncExternalStore } from "react";
import { onWaiting, waitsFor } from "../../api/oneMoment";

/** Says that something waits for the server, and why; it is asked again by itself. */
export function OneMomentNote() {
	const why = useSyncExternalStore(onWaiting, waitsFor);
	if (why === "") {
		return null;
	}
	return (
		<div className="outbox" role="status">
			<div className="note warn">
				<b>One moment</b>
				<span>{why.replace(/^One moment: /, "")} It is asked again by itself.</span>
			</div>
		</div>
	);
}
