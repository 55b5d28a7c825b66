import { useState } from "react";
import { Link } from "react-router";
import type { MethodCard } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useBook } from "../book";
import { recipeAddress } from "./draft";

/** All brews of the book by family; each leads to its recipe. */
export function WantDoor() {
	const book = useBook();
	const [words, setWords] = useState("");
	if (book.isPending) {
		return <p>Opening the book …</p>;
	}
	if (!book.data) {
		return <ProblemNote error={book.error} />;
	}
	const families = book.data
		.map((family) => ({ ...family, brews: brewsOf(family.methods).filter((brew) => matches(brew, words)) }))
		.filter((family) => family.brews.length > 0);
	return (
		<section aria-label="All brews">
			<div className="brew-search">
				<TextField id="brew-words" label="Find a brew" value={words} onChange={setWords} />
			</div>
			{families.length === 0 && <p className="soft">No brew of the book is called so.</p>}
			<div className="brew-families">
				{families.map((family) => (
					<section key={family.id} aria-label={family.title}>
						<h2>{family.title}</h2>
						<ul className="brews">
							{family.brews.map((brew) => (
								<li key={brew.id}>
									<Link to={recipeAddress(brew.id)}>
										<b>
											{brew.title}
											{brew.own && `: ${brew.school}`}
										</b>
										<small>
											{brew.window}
											{brew.schools > 1 ? ` · ${brew.schools} ways` : ` · ${brew.school.toLowerCase()}`}
										</small>
									</Link>
								</li>
							))}
						</ul>
					</section>
				))}
			</div>
		</section>
	);
}

/** Schools of one brew are one line; an own method is a line of its own. */
function brewsOf(methods: readonly MethodCard[]): readonly MethodCard[] {
	return [...new Map(methods.toReversed().map((method) => [method.product, method])).values()].toReversed();
}

function matches(brew: MethodCard, words: string): boolean {
	const text = `${brew.title} ${brew.school} ${brew.main} ${brew.does}`.toLowerCase();
	return text.includes(words.trim().toLowerCase());
}
