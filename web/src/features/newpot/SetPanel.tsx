import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import type { Recipe } from "../../api/types";
import { Decision, unwise } from "../../shared/Decision";

type Props = {
	readonly recipe: Recipe;
	/** Whether nothing can be set now: the recipe isn't known, or it is being set. */
	readonly held: boolean;
	readonly decided: boolean;
	/** Whether the water has stood already. */
	readonly stood: boolean;
	readonly onDecide: (decided: boolean) => void;
	readonly onStood: (stood: boolean) => void;
};

/** What is to be decided before the pot is set, and the button that sets it; it stays in reach. */
export function SetPanel({ recipe, held, decided, stood, onDecide, onStood }: Props) {
	const undecided = unwise(recipe.findings).length > 0 && !decided;
	return (
		<div className="recipe-set">
			<Decision findings={recipe.findings} taken={decided} onTake={onDecide} />
			<WaterReady recipe={recipe} stood={stood} onReady={onStood} />
			<div className="actions">
				<Button type="submit" variant="primary" className="grow" disabled={held || recipe.refused || undecided}>
					{submitWords(recipe)}
				</Button>
			</div>
		</div>
	);
}

type WaterReadyProps = {
	readonly recipe: Recipe;
	readonly stood: boolean;
	readonly onReady: (ready: boolean) => void;
};

/** Water that stands for a day is the first stage of the pot; unless it has stood already: then all dates move at once. */
function WaterReady({ recipe, stood, onReady }: WaterReadyProps) {
	if (!waits(recipe) && !stood) {
		return null;
	}
	return (
		<Form.Check
			id="water-ready"
			className="decision"
			checked={stood}
			onChange={(event) => onReady(event.target.checked)}
			label="The water has stood already"
		/>
	);
}

function waits(recipe: Recipe): boolean {
	return recipe.water?.stands ?? false;
}

function submitWords(recipe: Recipe): string {
	if (recipe.refused) {
		return "Refused: see why";
	}
	return waits(recipe) ? `Let the water stand, for ${recipe.vessel.code}` : `Set this pot in ${recipe.vessel.code}`;
}
