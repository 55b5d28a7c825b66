import { useState } from "react";
import Form from "react-bootstrap/Form";
import { problemAt, troubleAt } from "../../api/problem";
import type { Bed } from "../../api/types";
import type { Wall } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useWriteKey } from "../../shared/useWriteKey";
import { KeptHere } from "../offline";
import { type LookId, useLook } from "./queries";
import { SeenBefore } from "./SeenBefore";

const LOOKS: readonly { readonly id: LookId; readonly words: string }[] = [
	{ id: "UPRIGHT", words: "upright" },
	{ id: "UNCHANGED", words: "no change" },
	{ id: "LUSH", words: "lush" },
	{ id: "PALE", words: "pale" },
	{ id: "LIMP", words: "limp" },
	{ id: "SCORCHED", words: "scorched" },
];

type Props = {
	readonly bed: Bed;
	readonly wall: Wall;
	/** When it was, as it is said; shared with the watering beside it. */
	readonly when: string;
	readonly onWhen: (when: string) => void;
	/** What the watering had against it. */
	readonly whenError: Error | null;
};

/** One tap for what plants show, and at once what it changes. */
export function LookPad({ bed, wall, when, onWhen, whenError }: Props) {
	const look = useLook({ id: bed.plantingId, name: bed.name });
	const key = useWriteKey();
	const [dry, setDry] = useState(false);
	const [note, setNote] = useState("");
	const told = problemAt(look.error, "note", "when");
	return (
		<section aria-label={`Look at ${bed.name}`}>
			<h2 className="h3">How do they look?</h2>
			<div className="options">
				{LOOKS.map((one) => (
					<button
						key={one.id}
						type="button"
						className="option"
						disabled={look.isPending}
						onClick={() =>
							look.mutate(key.keyed({ look: one.id, dry, note, when }), {
								onSuccess: () => {
									key.renew();
									setNote("");
									onWhen("");
								},
							})
						}
					>
						{one.words}
					</button>
				))}
			</div>
			<Form.Check
				id={`dry-${bed.plantingId}`}
				className="decision"
				checked={dry}
				onChange={(event) => setDry(event.target.checked)}
				label="The soil is dry"
			/>
			<TextField
				id={`note-${bed.plantingId}`}
				label="A note with it"
				value={note}
				problem={problemAt(look.error, "note")}
				onChange={setNote}
			/>
			<TextField
				id={`when-${bed.plantingId}`}
				as="PAST"
				label="When, if not now"
				value={when}
				problem={troubleAt(look.error, "when") ?? troubleAt(whenError, "when")}
				hint="such as “yesterday” or “Sunday at 8”"
				onChange={onWhen}
			/>
			<KeptHere id={bed.plantingId} />
			{look.data && (
				<p className="note mt-2" role="status">
					<b>Noted</b>
					<span>{look.data.response || "Nothing changes: there was no feed that it could speak of."}</span>
				</p>
			)}
			{look.error && told === undefined && <ProblemNote error={look.error} />}
			<SeenBefore bed={bed} wall={wall} />
		</section>
	);
}
