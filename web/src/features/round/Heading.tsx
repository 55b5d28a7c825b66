import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Round } from "../../api/types";
import { calendarDay } from "../../shared/dates";

const NUMBERS = ["No", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine", "Ten"];

/** "Thu 3 Dec, Dock juice (J1): stir" */
export function comes(next: NonNullable<Round["next"]>): string {
	return `${calendarDay(next.day)}, ${next.words}`;
}

type Props = { readonly round: Round; readonly children?: ReactNode };

/** How many stops there are, how long they take, and what else begins a round. */
export function Heading({ round, children }: Props) {
	const stops = round.places.flatMap((place) => place.stops);
	const left = stops.filter((stop) => !stop.done);
	return (
		<div className="round-heading">
			<h1>
				{NUMBERS[left.length] ?? left.length} {left.length === 1 ? "stop" : "stops"}
				{stops.length > left.length && " left"}
			</h1>
			<p>
				{left.length === 0
					? `All done for today.${round.next ? ` Next: ${comes(round.next)}.` : ""}`
					: `about ${Math.max(1, Math.round(round.minutes))} minutes`}
				{stops.length > left.length && ` · ${stops.length - left.length} done`}
				{round.leftAlone > 0 && ` · ${round.leftAlone} best left alone`} ·{" "}
				<Link className="in-line" to="/round/sheet">
					sheet to print
				</Link>
			</p>
			{children && <div className="round-scan">{children}</div>}
		</div>
	);
}
