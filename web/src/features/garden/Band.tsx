import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import { shortDayAndTime } from "../../shared/dates";
import { useMay } from "../people";
import { OneMomentNote } from "./OneMomentNote";
import { useGarden } from "./queries";
import { ThemeButton, UnitsButton } from "./tools";
import { useShortcuts } from "./useShortcuts";
import { ViewsBar } from "./ViewsBar";
import { FIND } from "./views";

const ShortcutsList = lazy(() => import("./ShortcutsList"));

/** The head of every page: where you are, when it is, and the way to a new pot. */
export function Band() {
	const garden = useGarden();
	const gardener = useMay("GARDENER");
	const owner = useMay("OWNER");
	const [listed, setListed] = useState<boolean>();
	useShortcuts(() => setListed(true));
	return (
		<header className="band">
			<Link className="wordmark display" to="/round">
				<img src="/favicon.svg" width="30" height="30" alt="" />
				Pot Mellow
			</Link>
			<ViewsBar />
			{garden.data && (
				<Link
					className="band-day"
					to="/welcome"
					title={garden.data.demo ? "The sample world is made anew at each start" : "About your garden"}
				>
					<b>{shortDayAndTime(garden.data.now, garden.data)}</b>
					<br />
					{garden.data.name}
					{garden.data.demo && " · sample world"}
				</Link>
			)}
			<div className="band-tools">
				{gardener && <FindLink />}
				<span className="on-desk">
					{owner && <UnitsButton />}
					<ThemeButton />
				</span>
			</div>
			{gardener && (
				<Link className="btn btn-primary" to="/pots/new">
					New pot
				</Link>
			)}
			<OneMomentNote />
			{garden.data?.clock && (
				<div className="outbox" role="status">
					<div className="note warn">
						<b>The clock</b>
						<span>{garden.data.clock}</span>
					</div>
				</div>
			)}
			{listed !== undefined && (
				<Suspense>
					<ShortcutsList show={listed} onHide={() => setListed(false)} />
				</Suspense>
			)}
		</header>
	);
}

function FindLink() {
	return (
		<Link className="btn btn-outline" to={FIND.path} aria-label="Find">
			<svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
				<path
					d="M12 12l4.5 4.5M7.5 13a5.5 5.5 0 1 1 0-11 5.5 5.5 0 0 1 0 11z"
					fill="none"
					stroke="currentColor"
					strokeWidth="1.8"
				/>
			</svg>
		</Link>
	);
}
