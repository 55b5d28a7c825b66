import { useQuery } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { Shipped } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";

/** What others made that this program ships, with thanks and their licences. */
export function LicencesPage() {
	const licences = useQuery({ queryKey: ["licences"], queryFn: () => answer(client.GET("/api/licences")) });
	return (
		<div className="pots licences">
			<h1>What others made</h1>
			<p className="soft">
				Pot Mellow stands on the work of these people. Each part is shipped under its own licence, and nothing of it is
				fetched while you use it.
			</p>
			{licences.error && <ProblemNote error={licences.error} />}
			{licences.data && (
				<>
					<h2>Fonts, styles and scripts</h2>
					<Parts parts={licences.data.browser} />
					<h2>Libraries of the program</h2>
					<p className="soft">The full text of each lies in its own archive inside the program.</p>
					<Parts parts={licences.data.program} />
				</>
			)}
		</div>
	);
}

function Parts({ parts }: { readonly parts: readonly Shipped[] }) {
	return (
		<ul className="licence-list">
			{parts.map((part) => (
				<li key={part.name + part.version}>
					<Part part={part} />
				</li>
			))}
		</ul>
	);
}

function Part({ part }: { readonly part: Shipped }) {
	const named = (
		<>
			<b>{part.name}</b> {part.version} <span className="soft">{part.identifier}</span>
		</>
	);
	return part.text ? (
		<details>
			<summary>{named}</summary>
			<pre>{part.text}</pre>
		</details>
	) : (
		named
	);
}
