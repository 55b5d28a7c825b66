import { problemAt, troubleAt } from "../../api/problem";
import type { Recipe } from "../../api/types";
import { Options } from "../../shared/Options";
import { TextField } from "../../shared/TextField";
import type { Draft } from "./draft";

type Props = {
	readonly draft: Draft;
	readonly recipe: Recipe;
	readonly error: unknown;
	readonly onChange: (part: Partial<Draft>) => void;
};

/** The fields of the anchor that aren't in the list of amounts: ground and weeks. */
export function AnchorFields({ draft, recipe, error, onChange }: Props) {
	if (draft.anchor !== "AREA") {
		return null;
	}
	return (
		<div className="anchor-fields">
			<TextField
				id="feed-area"
				label="Ground to feed"
				value={draft.area ?? ""}
				problem={troubleAt(error, "area")}
				read={error ? undefined : recipe.read.area}
				onChange={(area) => onChange({ area })}
			/>
			<TextField
				id="feed-weeks"
				label="For how many weeks"
				value={draft.weeks ?? ""}
				problem={troubleAt(error, "weeks")}
				read={error ? undefined : recipe.read.weeks}
				onChange={(weeks) => onChange({ weeks })}
			/>
			<Options
				label="Fed on"
				options={recipe.targets.map((target) => ({ id: target.id, words: `${target.words}, ${target.strength}` }))}
				value={draft.target ?? "SOIL"}
				onChange={(target) => onChange({ target })}
			/>
			{problemAt(error, "target") && (
				<p className="field-problem" role="alert">
					{problemAt(error, "target")}
				</p>
			)}
		</div>
	);
}
