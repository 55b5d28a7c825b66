import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import type { BenchAnswer } from "../../api/types";
import { potsQuery } from "../pots";

type HandOver = BenchAnswer["handOvers"][number];

/** Where an answer goes next: a pot, the can, a note. */
export function HandOvers({ handOvers }: { readonly handOvers: readonly HandOver[] }) {
	return (
		<div className="actions no-print">
			{handOvers.map((handOver) =>
				handOver.kind === "NOTE" ? (
					<CopyNote key={handOver.words} words={handOver.words} note={handOver.values.note ?? ""} />
				) : (
					<Link key={handOver.words} className="btn btn-primary" to={address(handOver)}>
						{handOver.words}
					</Link>
				),
			)}
		</div>
	);
}

function address(handOver: HandOver): string {
	const values = new URLSearchParams(handOver.values);
	return handOver.kind === "START_POT" ? `/pots/new?${values}` : `/mix?${values}`;
}

/** A note goes to any pot: its page opens with the words in the field of its next visit. */
function CopyNote({ words, note }: { readonly words: string; readonly note: string }) {
	const [open, setOpen] = useState(false);
	return (
		<>
			<Button variant="outline" aria-expanded={open} onClick={() => setOpen(!open)}>
				{words}
			</Button>
			{open && <PotsToNote note={note} />}
		</>
	);
}

function PotsToNote({ note }: { readonly note: string }) {
	const pots = useQuery(potsQuery);
	return (
		<ul className="plain-list">
			{pots.data?.map((pot) => (
				<li key={pot.id}>
					<Link className="btn btn-link px-0" to={`/pots/${pot.id}?${new URLSearchParams({ note })}`}>
						{pot.code} {pot.name}
					</Link>
				</li>
			))}
		</ul>
	);
}
