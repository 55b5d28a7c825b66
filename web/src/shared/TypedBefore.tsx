import Button from "react-bootstrap/Button";
import { GREENWICH, shortDayAndTime, type Wall } from "./dates";

/** What was typed a moment ago needs no word. */
const A_WHILE_MS = 600_000;

type Props = {
	/** When it was typed; left out where the form opened fresh. */
	readonly since?: string;
	readonly wall?: Wall;
	readonly onLetGo: () => void;
};

/** Says that a form opened with what was typed earlier and never sent, and lets go of it. */
export function TypedBefore({ since, wall = GREENWICH, onLetGo }: Props) {
	if (since === undefined || Date.now() - new Date(since).getTime() < A_WHILE_MS) {
		return null;
	}
	return (
		<p className="soft small mb-2" role="status">
			Typed {shortDayAndTime(since, wall)}, not sent yet.{" "}
			<Button variant="link" className="px-0" onClick={() => onLetGo()}>
				Begin afresh
			</Button>
		</p>
	);
}
