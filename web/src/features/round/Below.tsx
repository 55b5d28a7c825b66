import { Link } from "react-router";
import type { Round } from "../../api/types";
import { calendarDay } from "../../shared/dates";

/** Below the stops: feeds that are due, bottles to use before they turn, and the next three days. */
export function Below({ round }: { readonly round: Round }) {
	return (
		<div className="below">
			<section aria-labelledby="feeds-title">
				<h3 id="feeds-title">Feeds due</h3>
				{round.feeds.length === 0 && <p className="soft">None in the next three days.</p>}
				{round.feeds.map((feed) => (
					<p key={feed.plantingId}>
						<Link className="in-line" to={`/garden?planting=${feed.plantingId}`}>
							{feed.planting}
						</Link>{" "}
						<span className="soft">
							{feed.words} · {feed.day === round.today ? "today" : calendarDay(feed.day)}
						</span>{" "}
						{feed.bottleId && (
							<Link
								className="in-line"
								to={`/mix?bottle=${feed.bottleId}&planting=${feed.plantingId}&target=${feed.target}${
									feed.at && feed.day > round.today ? `&at=${feed.at}` : ""
								}`}
							>
								mix this
							</Link>
						)}
					</p>
				))}
			</section>
			<section aria-labelledby="bottles-title">
				<h3 id="bottles-title">Use before they turn</h3>
				{round.bottles.length === 0 && <p className="soft">No bottle is near its last day.</p>}
				{round.bottles.map((bottle) => (
					<p key={bottle.id}>
						<Link className="in-line" to="/bottles">
							{bottle.code} {bottle.name}
						</Link>{" "}
						<span className="soft">
							{bottle.level} · {bottle.freshness === "PAST" ? "past its day: look and decide" : bottle.useByWords}
						</span>
					</p>
				))}
			</section>
			<section aria-labelledby="ahead-title">
				<h3 id="ahead-title">Ahead</h3>
				{round.ahead.length === 0 && <p className="soft">Three quiet days.</p>}
				{round.ahead.map((one) => (
					<p key={one.day + one.words}>
						<b>{calendarDay(one.day)}</b> <span className="soft">{one.words}</span>
					</p>
				))}
				<p>
					<Link className="in-line" to="/places">
						Weather
					</Link>{" "}
					<span className="soft">
						{round.weather}
						{round.simulated && " · simulated"}
					</span>
				</p>
			</section>
		</div>
	);
}
