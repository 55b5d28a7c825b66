import Markdown from "markdown-to-jsx/react";
import { Link, useParams } from "react-router";
import { PAGES, picture } from "./pages";

/** Short pages for a gardener, with pictures; the first one where none is named. */
export function GuidePage() {
	const { id } = useParams();
	const page = PAGES.find((one) => one.id === id) ?? PAGES[0];
	return (
		<div className="pots guide">
			<nav aria-label="Guide">
				<ul className="guide-pages">
					{PAGES.map((one) => (
						<li key={one.id}>
							<Link to={`/guide/${one.id}`} aria-current={one.id === page.id ? "page" : undefined}>
								{one.name}
							</Link>
						</li>
					))}
				</ul>
			</nav>
			<article className="guide-text">
				<Markdown options={{ overrides: { img: { component: Picture } }, disableParsingRawHTML: true }}>
					{page.text}
				</Markdown>
			</article>
		</div>
	);
}

function Picture({ src, alt }: { readonly src?: string; readonly alt?: string }) {
	return <img src={picture(src ?? "")} alt={alt ?? ""} loading="lazy" />;
}
