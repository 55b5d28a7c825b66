import { Link, useSearchParams } from "react-router";
import { RadioCards } from "../../shared/RadioCards";
import { HaveDoor } from "./HaveDoor";
import { NeedDoor } from "./NeedDoor";
import { WantDoor } from "./WantDoor";

const DOORS = [
	{ id: "want", name: "I want …", words: "a certain brew, or so much feed for my beds" },
	{ id: "have", name: "I have …", words: "nettles, eggshells, two buckets: what becomes of them?" },
	{ id: "need", name: "My plants need …", words: "say how far they are grown" },
] as const;

type Door = (typeof DOORS)[number]["id"];

const LOOK = { group: "doors", card: "door" };

/** Which way in: a brew, what is in hand, or what plants need. */
export function Doors() {
	const [search, setSearch] = useSearchParams();
	const door = DOORS.find((known) => known.id === search.get("door"))?.id ?? "want";
	const open = (next: Door) => setSearch({ door: next }, { replace: true });
	return (
		<div className="pots">
			<h1 className="mb-2">New pot</h1>
			<RadioCards label="Which way in" cards={DOORS} value={door} onChange={open} look={LOOK}>
				{(card) => (
					<>
						<b>{card.name}</b>
						<span>{card.words}</span>
					</>
				)}
			</RadioCards>
			<p className="mb-3">
				<Link className="in-line" to="/pots/standing">
					Something stands already? Let it in.
				</Link>
			</p>
			{door === "want" && <WantDoor />}
			{door === "have" && <HaveDoor />}
			{door === "need" && <NeedDoor />}
		</div>
	);
}
