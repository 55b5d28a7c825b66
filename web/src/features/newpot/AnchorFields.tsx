import { problemAt, readingsAt } from "../../api/problem";
import { Options } from "../../shared/Options";
import { TextField } from "../../shared/TextField";
import type { Draft } from "./draft";

const TARGETS = [
	{ id: "SOIL", words: "Soil" },
	{ id: "SEEDLINGS", words: "Seedlings" },
	{ id: "LEAVES", words: "Leaves" },
] as const;

type Props = {
	readonly draft: Draft;
	readonly error: unknown;
	readonly onChange: (part: Partial<Draft>) => void;
};

/** The fields of the anchor that aren't in the list of amounts: ground and weeks. */
export function AnchorFields({ draft, error, onChange }: Props) {
	if (draft.anchor !== "AREA") {
		return null;
	}
	return (
		<div className="anchor-fields">
			<TextField
				id="feed-area"
				label="Ground to feed"
				value={draft.area ?? ""}
				problem={problemAt(error, "area")}
				readings={readingsAt(error, "area")}
				onChange={(area) => onChange({ area })}
			/>
			<TextField
				id="feed-weeks"
				label="For how many weeks"
				value={draft.weeks ?? ""}
				problem={problemAt(error, "weeks", "target")}
				readings={readingsAt(error, "weeks", "target")}
				onChange={(weeks) => onChange({ weeks })}
			/>
			<Options
				label="Fed on"
				options={TARGETS}
				value={draft.target ?? "SOIL"}
				onChange={(target) => onChange({ target })}
			/>
		</div>
	);
}
