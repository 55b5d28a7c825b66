import { useEffect, useState } from "react";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import { lastUses, remember } from "./history";
import type { Entries } from "./queries";

const SETTLED_MS = 1500;

type LastUsesProps = {
	readonly id: string;
	readonly entries: Entries;
	readonly headline: string;
	readonly settled: boolean;
};

/** The last uses of this device, each an address of its own; a use counts once it rests. */
export function LastUses({ id, entries, headline, settled }: LastUsesProps) {
	const [uses, setUses] = useState(() => lastUses(id));
	const said = JSON.stringify(entries);
	useEffect(() => {
		if (said === "{}" || !settled) {
			return;
		}
		const timer = setTimeout(() => {
			remember({ id, entries: JSON.parse(said), headline });
			setUses(lastUses(id));
		}, SETTLED_MS);
		return () => clearTimeout(timer);
	}, [id, said, headline, settled]);
	return (
		<div className="no-print">
			{uses.length > 0 && (
				<>
					<h3>Last uses</h3>
					<ul className="log">
						{uses.map((use) => (
							<li key={JSON.stringify(use.entries)}>
								<Link className="in-line" to={`/bench/${id}?${new URLSearchParams(use.entries)}`}>
									{use.headline}
								</Link>
							</li>
						))}
					</ul>
				</>
			)}
			<div className="actions">
				<Button variant="outline" onClick={() => window.print()}>
					Print
				</Button>
			</div>
		</div>
	);
}
