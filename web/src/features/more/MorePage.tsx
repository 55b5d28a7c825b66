import { Link } from "react-router";
import { ThemeButton, UnitsButton, useGarden, useStore, useViews } from "../garden";
import { useMay } from "../people";

const WORDS: Record<string, string> = {
	Plan: "count back from a day",
	Bench: "meters, waters and sums",
	Book: "every way of brewing, with its sources",
	Practice: "pots to learn from, days in seconds",
};

const AT_HAND = [
	{ name: "Find by code or name", path: "/codes", words: "which bucket is this?" },
	{ name: "Round sheet", path: "/round/sheet", words: "to print, for wet days" },
	{ name: "What stands here already?", path: "/pots/standing", words: "take in pots that work" },
] as const;

/** On the phone: everything that isn't wanted at every bucket. */
export function MorePage() {
	const garden = useGarden().data;
	const gardener = useMay("GARDENER");
	const owner = useMay("OWNER");
	const views = useViews();
	const store = useStore();
	return (
		<div className="pots more">
			<h1>More</h1>
			<Places
				label="All views"
				places={views
					.filter((view) => !view.onPhone && view.name !== "Store")
					.map((view) => ({ ...view, words: WORDS[view.name] ?? "" }))}
			/>
			{gardener && (
				<>
					<h2>Store</h2>
					<Places label="Store" places={store} />
				</>
			)}
			<h2>At hand</h2>
			<Places
				label="At hand"
				places={[
					...(gardener ? AT_HAND : []),
					{ name: "This phone", path: "/phone", words: "be without the warning, or put it out" },
					{ name: "Guide", path: "/guide", words: "short pages to begin with" },
					{ name: "What others made", path: "/licences", words: "fonts and libraries, with their licences" },
				]}
			/>
			<div className="actions">
				{owner && <UnitsButton />}
				<ThemeButton />
			</div>
			{garden && (
				<p className="soft mt-3">
					{garden.name}
					{garden.demo && " · sample world, made anew at each start"}
				</p>
			)}
		</div>
	);
}

type Place = { readonly name: string; readonly path: string; readonly words: string };

function Places({ label, places }: { readonly label: string; readonly places: readonly Place[] }) {
	return (
		<nav aria-label={label}>
			<ul className="more-list">
				{places.map((place) => (
					<li key={place.path}>
						<Link to={place.path}>
							<b>{place.name}</b>
							<small className="soft">{place.words}</small>
						</Link>
					</li>
				))}
			</ul>
		</nav>
	);
}
