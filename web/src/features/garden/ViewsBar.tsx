import { Link, useLocation } from "react-router";
import { ViewIcon } from "./ViewIcon";
import { isIn, MORE, VIEWS } from "./views";

/** The way to every view: a row in the head of the page; on the phone a bar under the thumb, with five places. */
export function ViewsBar() {
	const { pathname } = useLocation();
	const atThumb = VIEWS.some((view) => view.onPhone && isIn(view, pathname));
	return (
		<nav className="views" aria-label="Views">
			{VIEWS.map((view) => (
				<Link
					key={view.path}
					to={view.path}
					className={`${isIn(view, pathname) ? "active" : ""}${view.onPhone ? "" : " on-desk"}`}
					aria-current={isIn(view, pathname) ? "page" : undefined}
				>
					{view.onPhone && <ViewIcon name={view.name} />}
					<span className="key" aria-hidden="true">
						{view.key}
					</span>
					{view.name}
				</Link>
			))}
			<Link
				to={MORE}
				className={`on-phone${atThumb ? "" : " active"}`}
				aria-current={pathname === MORE ? "page" : undefined}
			>
				<ViewIcon name="More" />
				More
			</Link>
		</nav>
	);
}
