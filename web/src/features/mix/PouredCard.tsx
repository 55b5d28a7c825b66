import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import type { Garden, Poured } from "../../api/types";
import { calendarDay } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useUndo } from "./queries";

type Props = { readonly poured: Poured; readonly garden: Garden; readonly onAgain: () => void };

/** What was poured, the way back, and what comes next. The question that it answered is not judged again. */
export function PouredCard({ poured, garden, onAgain }: Props) {
	const undo = useUndo();
	const back = undo.data?.feed.undone ?? false;
	const bottles = undo.data?.bottles ?? poured.bottles;
	const what = poured.feed.brews
		.map((brew) => (brew.code ? `${brew.amount} from ${brew.code}` : `${brew.amount} ${brew.name}`))
		.join(" + ");
	return (
		<section className="pots poured" aria-label="Poured">
			<div role="status">
				<h1>
					{back ? "Taken back: " : "Poured "}
					{what}
				</h1>
				<p>
					{poured.feed.plantings.length > 0 && `For ${poured.feed.plantings.join(", ")}. `}
					{bottles.map((bottle) => `${bottle.code}: ${bottle.level} left`).join("; ")}
					{bottles.length > 0 && "."}
					{back && " It is as if it had never been poured."}
				</p>
			</div>
			<div className="actions">
				{!back && (
					<Button variant="outline" disabled={undo.isPending} onClick={() => undo.mutate({ id: poured.feed.id })}>
						Take it back
					</Button>
				)}
				<Button variant="primary" onClick={onAgain}>
					Mix another
				</Button>
				<Link className="btn btn-link" to="/">
					to the round
				</Link>
			</div>
			{undo.error && <ProblemNote error={undo.error} />}
			{!back && poured.next.length > 0 && (
				<>
					<h2 className="mt-3">What comes next</h2>
					<ul className="log">
						{poured.next.map((next) => (
							<li key={next.planting + next.kind + next.day}>
								<span>
									<b>{next.day <= garden.today ? "Today" : calendarDay(next.day)}</b> {next.planting}: {next.words}
								</span>
							</li>
						))}
					</ul>
				</>
			)}
		</section>
	);
}
