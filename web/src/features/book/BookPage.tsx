import { useState } from "react";
import { Link } from "react-router";
import type { MethodCard } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useBook, useRetireOwn, useUnreadable } from "./queries";
import { TakeIn } from "./TakeIn";

/** Every method by family: how it is made, and where people disagree. */
export function BookPage() {
	const book = useBook();
	const [taking, setTaking] = useState(false);
	if (book.isPending) {
		return <p className="pots">Opening the book …</p>;
	}
	if (!book.data) {
		return (
			<div className="pots">
				<ProblemNote error={book.error} />
			</div>
		);
	}
	return (
		<div className="pots book">
			<div className="book-head">
				<h1>Book</h1>
				<Link className="btn btn-outline" to="/book/facts">
					Numbers of the craft
				</Link>
				<button type="button" className="btn btn-outline" aria-expanded={taking} onClick={() => setTaking(!taking)}>
					Take in a method …
				</button>
			</div>
			{taking && <TakeIn />}
			<SetAside />
			{book.data.map((family) => (
				<section key={family.id} aria-labelledby={`family-${family.id}`} className="family">
					<h2 id={`family-${family.id}`}>{family.title}</h2>
					<p className="soft small">{family.about}</p>
					<ul className="methods">
						{family.methods.map((method) => (
							<MethodLine key={method.id} method={method} />
						))}
					</ul>
					<SchoolLinks methods={family.methods} />
				</section>
			))}
		</div>
	);
}

/** Own methods that can't be read any more: told, and out of the way. */
function SetAside() {
	const unreadable = useUnreadable().data ?? [];
	const retire = useRetireOwn();
	return unreadable.map((method) => (
		<div key={method.id} className="note warn" role="status">
			<b>Set aside</b>
			<span>
				Your method “{method.title}” can't be read any more, so it isn't offered; pots and bottles made by it are left
				out of the lists. Everything else works. {method.why}
				<br />
				<button
					type="button"
					className="btn btn-outline mt-2"
					disabled={retire.isPending}
					onClick={() => retire.mutate(method.id)}
				>
					Put it away
				</button>
			</span>
		</div>
	));
}

function MethodLine({ method }: { readonly method: MethodCard }) {
	return (
		<li>
			<Link to={`/book/methods/${method.id}`} className={method.own ? "own" : undefined}>
				<b>{method.title}</b>
				<span>
					{method.school}
					{method.own && " · your own"}
				</span>
				<small>{method.window}</small>
			</Link>
		</li>
	);
}

function SchoolLinks({ methods }: { readonly methods: readonly MethodCard[] }) {
	const brews = [...new Map(methods.filter((one) => one.schools > 1).map((one) => [one.product, one])).values()];
	return (
		<p className="school-links">
			{brews.map((brew) => (
				<Link key={brew.product} className="in-line" to={`/book/schools/${brew.product}`}>
					{brew.title}: {brew.schools} ways side by side
				</Link>
			))}
		</p>
	);
}
