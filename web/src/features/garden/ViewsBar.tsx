import { Link, useLocation } from "react-router";
import { useViews } from "./useViews";
import { ViewIcon } from "./ViewIcon";
import { isIn, MORE } from "./views";

/** The way to every view that is for who sits here: a row in the head of the page; on the phone a bar under the thumb, with five places. */
export function ViewsBar() {
	const { pathname } = useLocation();
	const views = useViews();
	const atThumb = views.some((view) => view.onPhone && isIn(view, pathname));
	return (
		<nav className="views" aria-label="Views">
			{views.map((view) => (
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
