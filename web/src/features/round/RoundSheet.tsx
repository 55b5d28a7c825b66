import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import { calendarDay } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useGarden } from "../garden";
import { useRound } from "./queries";

/** The round on one sheet of paper, with room to write. */
export function RoundSheet() {
	const garden = useGarden().data;
	const round = useRound();
	if (!round.data || !garden) {
		return <div className="pots">{round.error ? <ProblemNote error={round.error} /> : "Sharpening the pencil …"}</div>;
	}
	return (
		<div className="pots sheet-page">
			<div className="no-print actions">
				<Button variant="primary" onClick={() => window.print()}>
					Print
				</Button>
				<Link className="btn btn-outline" to="/round">
					Back to the round
				</Link>
			</div>
			<h1>
				Round of {calendarDay(round.data.today)}, {garden.name}
			</h1>
			<p>
				{round.data.weather}
				{round.data.simulated && " (simulated)"}
			</p>
			<table className="round-sheet">
				<thead>
					<tr>
						<th scope="col">Code</th>
						<th scope="col">Pot</th>
						<th scope="col">To do</th>
						<th scope="col">Seen, smelt, read</th>
					</tr>
				</thead>
				{round.data.places.map((place) => (
					<tbody key={place.id}>
						<tr>
							<th scope="rowgroup" colSpan={4}>
								{place.name}, {place.warmth}
							</th>
						</tr>
						{place.stops
							.filter((stop) => !stop.done)
							.map((stop) => (
								<tr key={stop.id}>
									<td>
										<b>{stop.code}</b>
									</td>
									<td>
										{stop.name}
										<br />
										<small>{stop.headline}</small>
									</td>
									<td>☐ {stop.tasks.join(" ☐ ")}</td>
									<td className="to-write" />
								</tr>
							))}
					</tbody>
				))}
			</table>
			<h2>Feeds due</h2>
			<ul>
				{round.data.feeds.map((feed) => (
					<li key={feed.plantingId}>
						☐ {feed.planting}: {feed.words}, {calendarDay(feed.day)} {feed.bottleCode}
					</li>
				))}
			</ul>
			<h2>Ahead</h2>
			<ul>
				{round.data.ahead.map((one) => (
					<li key={one.day + one.words}>
						{calendarDay(one.day)}: {one.words}
					</li>
				))}
			</ul>
		</div>
	);
}
