import type { Recipe } from "../../api/types";
import { Options } from "../../shared/Options";
import { AnchorFields } from "./AnchorFields";
import { type Anchor, anchoredAt, type Draft } from "./draft";

type Props = {
	readonly recipe: Recipe;
	readonly draft: Draft;
	readonly error: Error | null;
	readonly onChange: (part: Partial<Draft>) => void;
};

/** What the amounts start from: what is in hand, a vessel to fill, what is wanted, or ground to feed. */
export function AnchorPick({ recipe, draft, error, onChange }: Props) {
	return (
		<>
			<Options
				label="Start from"
				options={anchors(recipe)}
				value={draft.anchor}
				onChange={(anchor) => onChange(anchoredAt(anchor, draft, recipe))}
			/>
			<AnchorFields draft={draft} recipe={recipe} error={error} onChange={onChange} />
		</>
	);
}

function anchors(recipe: Recipe): { id: Anchor; words: string }[] {
	const main = recipe.amounts[0]?.name.split(/[,:(]/)[0]?.toLowerCase() ?? "it";
	const all: { id: Anchor; words: string }[] = [
		{ id: "IN_HAND", words: `I have ${main}` },
		{ id: "VESSEL", words: `I have a ${recipe.vessel.kindWords} to fill` },
		{ id: "WANTED", words: "I want this much" },
	];
	return recipe.targets.length > 0 ? [...all, { id: "AREA", words: "I have ground to feed" }] : all;
}
