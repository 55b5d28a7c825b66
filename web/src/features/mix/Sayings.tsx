import { useState } from "react";
import { troubleAt } from "../../api/problem";
import { Readings } from "../../shared/Readings";
import { TextField } from "../../shared/TextField";
import { useDebounced } from "../../shared/useDebounced";
import { WorkingMark } from "../../shared/WorkingMark";
import { useSaying } from "./queries";

type Props = { readonly strength: string; readonly onTake: (strength: string) => void };

/** A strength as somebody else says it, beside the one on the dial. */
export function Sayings({ strength, onTake }: Props) {
	const [saying, setSaying] = useState("");
	const asked = useDebounced(saying);
	const read = useSaying(asked, strength);
	return (
		<section aria-label="Somebody says" className="sayings">
			<TextField
				id="saying"
				label="Somebody says …"
				value={saying}
				hint="such as: a tablespoon per gallon · 20 mL per 10 L · 0.2 % · 1:10 then 1:50"
				problem={troubleAt(read.error, "saying")}
				onChange={setSaying}
			/>
			{saying !== "" && read.data && (
				<p className="mb-0">
					<b>{read.data.how}.</b> {read.data.comparison}{" "}
					{read.data.comparisonWorking && (
						<WorkingMark of={read.data.comparison} working={read.data.comparisonWorking} />
					)}{" "}
					<button type="button" className="btn btn-link" onClick={() => onTake(asked)}>
						take it
					</button>
				</p>
			)}
			{saying !== "" && read.data && (
				<Readings readings={read.data.others} words="Or did you mean" onTake={setSaying} />
			)}
		</section>
	);
}
