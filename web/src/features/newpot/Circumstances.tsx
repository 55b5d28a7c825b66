import { problemAt, troubleAt } from "../../api/problem";
import type { Recipe } from "../../api/types";
import { TextField } from "../../shared/TextField";
import type { Draft } from "./draft";

type Props = {
	readonly recipe: Recipe;
	readonly draft: Draft;
	readonly origin: string;
	/** Whether the pot carries out a step of the plan. */
	readonly planned: boolean;
	readonly recipeError: unknown;
	readonly setError: unknown;
	readonly onChange: (part: Partial<Draft>) => void;
	readonly onOrigin: (origin: string) => void;
};

/** Where it was collected, when it was set, and what it goes on from. */
export function Circumstances({ recipe, draft, origin, planned, recipeError, setError, onChange, onOrigin }: Props) {
	return (
		<>
			{recipe.collected && (
				<TextField
					id="origin"
					label="Where it was collected: where, when, under which trees"
					value={origin}
					problem={problemAt(setError, "origin")}
					hint="several small collections from healthy, undisturbed spots keep more diversity than one"
					onChange={onOrigin}
				/>
			)}
			<TextField
				id="since"
				as="PAST"
				label="Set when?"
				value={draft.since ?? ""}
				problem={troubleAt(recipeError, "since")}
				hint="now, where you leave it empty; else “Sunday at 8”, “about three weeks ago”: its clock and dates start there"
				onChange={(since) => onChange({ since })}
			/>
			{draft.refills && (
				<p className="note">
					<b>Refill</b>
					<span>Set on the residue of the pot before, without washing; its family line says so.</span>
				</p>
			)}
			{planned && (
				<p className="note">
					<b>Plan</b>
					<span>This pot carries out a step of the plan; whatever waits for it follows its progress.</span>
				</p>
			)}
		</>
	);
}
