import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, troubleAt } from "../../api/problem";
import type { Feed } from "../../api/types";
import { shortDayAndTime, type Wall } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { feedsQuery, useUndo } from "../mix";

/** Feeds that are listed; all of them are in the CSV. */
const SHOWN = 14;

/** The last feeds, each with its way back, and everything as CSV. */
export function LastFeeds({ wall }: { readonly wall: Wall }) {
	const feeds = useQuery(feedsQuery);
	return (
		<>
			<h2>Last feeds</h2>
			{feeds.data?.length === 0 && <p className="soft">None yet.</p>}
			<ul className="log">
				{feeds.data?.slice(0, SHOWN).map((feed) => (
					<FeedLine key={feed.id} feed={feed} wall={wall} />
				))}
			</ul>
			<p className="card-lines">
				<a className="btn btn-link px-0" href="/api/feeds.csv" download>
					Feeds as CSV
				</a>{" "}
				<a className="btn btn-link px-0" href="/api/looks.csv" download>
					Looks as CSV
				</a>
			</p>
		</>
	);
}

/** A feed: within the hour it is taken back at once, later it is struck with a reason. */
function FeedLine({ feed, wall }: { readonly feed: Feed; readonly wall: Wall }) {
	const undo = useUndo();
	const [asking, setAsking] = useState(false);
	const [reason, setReason] = useState("");
	const when = shortDayAndTime(feed.at, wall);
	return (
		<li>
			<span className={feed.undone ? "struck" : undefined}>
				<b>{when}</b> {feed.brews.map((brew) => `${brew.name} ${brew.strength}`).join(" + ")}, {feed.mix} on{" "}
				{feed.target}
				{feed.plantings.length > 0 && `: ${feed.plantings.join(", ")}`}
				{feed.by && <small className="soft"> by {feed.by}</small>}
				{feed.decision && <small className="soft d-block">Decided: {feed.decision}</small>}
			</span>
			{feed.undoable && (
				<Button
					variant="link"
					className="small"
					aria-label={`Take the feed of ${when} back`}
					onClick={() => undo.mutate({ id: feed.id })}
				>
					take back
				</Button>
			)}
			{!feed.undone && !feed.undoable && !asking && (
				<Button
					variant="link"
					className="small"
					aria-label={`Strike the feed of ${when}`}
					onClick={() => setAsking(true)}
				>
					strike …
				</Button>
			)}
			{asking && !feed.undone && (
				<Form
					noValidate
					aria-label={`Strike the feed of ${when}`}
					onSubmit={(event) => {
						event.preventDefault();
						undo.mutate({ id: feed.id, reason });
					}}
				>
					<TextField
						id={`strike-${feed.id}`}
						label="Why it is struck"
						value={reason}
						problem={troubleAt(undo.error, "reason")}
						hint="what was taken stands in the bottle again, unless it was measured since"
						onChange={setReason}
					/>
					<Button type="submit" variant="outline" disabled={undo.isPending}>
						Strike it
					</Button>
				</Form>
			)}
			{undo.error && problemAt(undo.error, "reason") === undefined && <ProblemNote error={undo.error} />}
		</li>
	);
}
