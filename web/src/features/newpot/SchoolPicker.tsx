import type { Method } from "../../api/types";
import { moveFocus } from "../../shared/Options";

type Props = {
	readonly methods: readonly Method[];
	readonly chosen: string;
	readonly onChoose: (id: string) => void;
};

/** The ways of making it, side by side. */
export function SchoolPicker({ methods, chosen, onChoose }: Props) {
	return (
		<div className="schools" role="radiogroup" aria-label="Way of making it">
			{methods.map((method, index) => (
				// biome-ignore lint/a11y/useSemanticElements: a button in the role of a radio takes the whole card as its target
				<button
					key={method.id}
					type="button"
					role="radio"
					className="school"
					aria-checked={method.id === chosen}
					tabIndex={method.id === chosen ? 0 : -1}
					onClick={() => onChoose(method.id)}
					onKeyDown={(event) => moveFocus(event, methods, index, onChoose)}
				>
					<b>{method.school}</b>
					{method.window} · {method.does}. <br />
					{method.costs}
				</button>
			))}
		</div>
	);
}
