import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import Button from "react-bootstrap/Button";
import { isOnlyWaiting, useOutbox } from "../../outbox";
import { GREENWICH } from "../../shared/dates";
import { useGarden } from "../garden";
import { asOf } from "./asOf";
import { Entry } from "./Entry";
import { useReachable } from "./useReachable";
import { counted } from "./words";

/**
 * One thin line at the edge, there only when it has something to say: that nothing answers and how old what is shown is, how many things
 * wait, what is asked about one of them. It moves nothing on the page; a tap opens the whole.
 */
export function Connection() {
	const { entries, send } = useOutbox();
	const reachable = useReachable();
	const wall = useGarden().data ?? GREENWICH;
	const age = asOf(useQueryClient(), reachable, wall);
	const [open, setOpen] = useState(false);
	const waiting = entries.filter(isOnlyWaiting);
	const others = entries.filter((entry) => !isOnlyWaiting(entry));
	const questions = entries.filter((entry) => entry.question !== undefined).length;
	useBadge(entries.length);
	const said = [
		...(reachable ? [] : [age ? `No connection · as of ${age}` : "No connection"]),
		...(waiting.length > 0 ? [`${waiting.length} ${waiting.length === 1 ? "waits" : "wait"}`] : []),
		...(questions > 0 ? [questions === 1 ? "a question" : `${questions} questions`] : []),
		...(others.length > questions ? [`${others.length - questions} judged since`] : []),
	];
	if (said.length === 0) {
		return null;
	}
	return (
		<aside className={questions > 0 ? "connection asks" : "connection"} aria-label="Connection">
			{open && (
				<div className="connection-whole">
					{!reachable && (
						<p>
							Pot Mellow does not answer. {age && `What you see is as of ${age}. `}You can go on: what you log, look at,
							water, feed and photograph is kept on this device.
						</p>
					)}
					{waiting.length > 0 && (
						<>
							<p>
								<b>
									{waiting.length === 1 ? "One thing waits" : `${waiting.length} things wait`} for a connection:{" "}
									{counted(waiting)}.
								</b>{" "}
								Nothing is lost: each is sent by itself, once, in order, with its own time, and judged when sent.
							</p>
							<Button variant="outline" onClick={send}>
								Try now
							</Button>
						</>
					)}
					{[...others, ...waiting].map((entry) => (
						<Entry key={entry.key} entry={entry} wall={wall} onAgain={send} />
					))}
				</div>
			)}
			<button type="button" className="connection-line" aria-expanded={open} onClick={() => setOpen(!open)}>
				<span role="status">{said.join(" · ")}</span> <span aria-hidden="true">{open ? "⌄" : "⌃"}</span>
			</button>
		</aside>
	);
}

/** How many wait, on the icon of the installed application too. */
function useBadge(many: number): void {
	useEffect(() => {
		const set = many > 0 ? navigator.setAppBadge?.(many) : navigator.clearAppBadge?.();
		set?.catch(() => {});
	}, [many]);
}
