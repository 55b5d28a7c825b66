import { NavLink } from "react-router";
import { useStore } from "./useStore";

/** The pages of the store, one beside the other. */
export function StoreTabs() {
	return (
		<nav className="store-tabs no-print" aria-label="Store">
			{useStore().map((page) => (
				<NavLink key={page.path} to={page.path}>
					{page.name}
				</NavLink>
			))}
		</nav>
	);
}
