import { isAbout, isOnlyWaiting, useWaiting } from "../../outbox";
import { GREENWICH, shortDayAndTime } from "../../shared/dates";
import { capital } from "../../shared/words";
import { useGarden } from "../garden";
import { wordsOf } from "./words";

/** What was written here of a pot or a planting and waits for a connection: it is done, and not to be done twice. */
export function KeptHere({ id }: { readonly id: string }) {
	const wall = useGarden().data ?? GREENWICH;
	const kept = useWaiting().filter((entry) => isOnlyWaiting(entry) && isAbout(entry, id));
	if (kept.length === 0) {
		return null;
	}
	return (
		<ul className="log kept-here" aria-label="Kept here">
			{kept.map((entry) => (
				<li key={entry.key}>
					<span>
						<b>{shortDayAndTime(entry.at, wall)}</b> {capital(wordsOf(entry.act))}, kept here: judged when sent
					</span>
				</li>
			))}
		</ul>
	);
}
