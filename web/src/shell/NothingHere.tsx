import { Link, useLocation } from "react-router";

/** An address that leads nowhere, and the ways on from it. */
export function NothingHere() {
	const { pathname } = useLocation();
	return (
		<div className="pots">
			<div className="empty">
				<h1>Nothing is here</h1>
				<p>
					No page has the address <b>{pathname}</b>. A label's code leads to its pot; anything else can be looked for by
					its name.
				</p>
				<Link className="btn btn-primary" to="/round">
					To the round
				</Link>{" "}
				<Link className="btn btn-outline" to="/codes">
					Look for something
				</Link>
			</div>
		</div>
	);
}
