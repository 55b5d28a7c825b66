import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import { drop, useWho, type Waiting } from "../../outbox";
import { shortDayAndTime, type Wall } from "../../shared/dates";
import { capital } from "../../shared/words";
import { answersTo } from "./answersTo";
import { wordsOf } from "./words";

type Props = { readonly entry: Waiting; readonly wall: Wall; readonly onAgain: () => Promise<void> };

/** One thing that is kept: what it is, what is asked about it and how that can be answered, or what was judged of it. */
export function Entry({ entry, wall, onAgain }: Props) {
	const who = useWho();
	const { act, question, judged } = entry;
	const title = `${capital(wordsOf(act))} of ${entry.name}, ${shortDayAndTime(entry.at, wall)}`;
	if (question === undefined && judged === undefined) {
		return (
			<p className="small soft mb-0">
				{title}
				{entry.by !== who && `: ${entry.by || "whoever sits at the machine"} sends it`}
			</p>
		);
	}
	return (
		<div className={question ? "note warn" : "note"}>
			<b>{title}</b>
			<span>
				{question ? `It could not be taken as it is: ${question.words} What should become of it?` : judged}
				<br />
				{question &&
					answersTo(entry).map((one) => (
						<Button key={one.words} variant="outline" onClick={() => one.give().then(onAgain)}>
							{one.words}
						</Button>
					))}
				{(act.kind === "visit" || act.kind === "picture") && (
					<Link className="btn btn-outline" to={`/pots/${act.potId}`}>
						See the pot
					</Link>
				)}
				<Button variant="link" onClick={() => drop(entry.key)}>
					{question ? "Let it go" : "I have read it"}
				</Button>
			</span>
		</div>
	);
}
