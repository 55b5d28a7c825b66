import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link, NavLink } from "react-router";
import { dayAndTime } from "../../shared/dates";
import { chosenTheme, rememberTheme, type Theme } from "../../theme/theme";
import { OneMomentNote } from "./OneMomentNote";
import { OutboxNote } from "./OutboxNote";
import { useChangeUnits, useGarden } from "./queries";
import { ShortcutsList } from "./ShortcutsList";
import { useShortcuts } from "./useShortcuts";
import { VIEWS } from "./views";

/** The head of every page: where you are, when it is, and the way to a new pot. */
export function Band() {
	const garden = useGarden();
	const [listed, setListed] = useState(false);
	useShortcuts(() => setListed(true));
	return (
		<header className="band">
			<Link className="wordmark display" to="/round">
				<img src="/favicon.svg" width="30" height="30" alt="" />
				Pot Mellow
			</Link>
			<nav className="views" aria-label="Views">
				{VIEWS.map((view) => (
					<NavLink key={view.path} to={view.path} end={view.path !== "/book"}>
						<span className="key" aria-hidden="true">
							{view.key}
						</span>
						{view.name}
					</NavLink>
				))}
			</nav>
			{garden.data && (
				<Link
					className="band-day"
					to="/welcome"
					title={garden.data.demo ? "The sample world is made anew at each start" : "About your garden"}
				>
					<b>{dayAndTime(garden.data.now, garden.data.zone)}</b>
					<br />
					{garden.data.name}
					{garden.data.demo && " · sample world"}
				</Link>
			)}
			<div className="band-tools">
				<UnitsButton />
				<ThemeButton />
			</div>
			<Link className="btn btn-primary" to="/pots/new">
				New pot
			</Link>
			<OneMomentNote />
			{garden.data?.clock && (
				<div className="outbox" role="status">
					<div className="note warn">
						<b>The clock</b>
						<span>{garden.data.clock}</span>
					</div>
				</div>
			)}
			<OutboxNote />
			<ShortcutsList show={listed} onHide={() => setListed(false)} />
		</header>
	);
}

function UnitsButton() {
	const garden = useGarden().data;
	const change = useChangeUnits();
	if (!garden) {
		return null;
	}
	const other = garden.units === "METRIC" ? "US" : "METRIC";
	return (
		<Button
			variant="outline"
			aria-label={`Units: ${garden.units === "METRIC" ? "metric" : "US kitchen"}. Change to ${other === "US" ? "US kitchen" : "metric"}`}
			disabled={change.isPending}
			onClick={() => change.mutate({ units: other, version: garden.version })}
		>
			{garden.units === "METRIC" ? "g, L" : "oz, gal"}
		</Button>
	);
}

function ThemeButton() {
	const [theme, setTheme] = useState<Theme>(chosenTheme);
	const other = theme === "light" ? "dark" : "light";
	const turn = () => {
		rememberTheme(other);
		setTheme(other);
	};
	return (
		<Button variant="outline" aria-label={`Change to ${other} colours`} onClick={turn}>
			<svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
				<circle cx="9" cy="9" r="7.2" fill="none" stroke="currentColor" strokeWidth="1.6" />
				<path d="M9 1.8a7.2 7.2 0 0 1 0 14.4z" fill="currentColor" />
			</svg>
		</Button>
	);
}
