import Form from "react-bootstrap/Form";
import type { ArrivalChoice } from "../../api/types";
import { Options } from "../../shared/Options";
import type { Line } from "./line";

type Props = {
	readonly choices: readonly ArrivalChoice[];
	readonly chosen: ArrivalChoice;
	readonly line: Line;
	readonly onChange: (part: Partial<Line>) => void;
};

/** What stands there, by what one sees or by its name, and how far it is. */
export function WhatItIs({ choices, chosen, line, onChange }: Props) {
	return (
		<>
			<Form.Group controlId="what">
				<Form.Label>What is it?</Form.Label>
				<Form.Select
					value={line.choice}
					onChange={(event) => onChange({ choice: Number(event.target.value), kind: undefined, stage: 0 })}
				>
					<optgroup label="By what one sees">
						<Choices choices={choices} plain />
					</optgroup>
					<optgroup label="By its name">
						<Choices choices={choices} plain={false} />
					</optgroup>
				</Form.Select>
			</Form.Group>
			{chosen.stages.length > 0 && (
				<Options
					label="How far it is"
					options={chosen.stages.map((words, index) => ({ id: String(index), words: words.toLowerCase() }))}
					value={String(line.stage)}
					onChange={(stage) => onChange({ stage: Number(stage) })}
				/>
			)}
		</>
	);
}

function Choices({ choices, plain }: { readonly choices: readonly ArrivalChoice[]; readonly plain: boolean }) {
	return choices.map((choice, index) =>
		choice.plain === plain ? (
			<option key={choice.words} value={index}>
				{choice.words}
			</option>
		) : null,
	);
}
