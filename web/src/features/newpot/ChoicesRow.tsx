import Form from "react-bootstrap/Form";
import type { Recipe, Vessel } from "../../api/types";
import { usePlaces } from "../places";
import { useVessels } from "../vessels";
import type { Draft } from "./draft";

type Props = {
	readonly recipe: Recipe;
	readonly draft: Draft;
	readonly problem?: string;
	readonly onChange: (part: Partial<Draft>) => void;
};

const ANOTHER = "another";

/** Materials, vessel, lid, place and water: filled in, and free to change. */
export function ChoicesRow({ recipe, draft, problem, onChange }: Props) {
	const places = usePlaces().data ?? [];
	return (
		<div className="choices">
			{recipe.amounts
				.filter((part) => part.choices.length > 1)
				.map((part) => (
					<Choice
						key={part.id}
						id={`of-${part.id}`}
						label={part.name}
						value={part.materialId}
						options={part.choices.map((choice) => ({
							id: choice.id,
							words: choice.words + (choice.asked ? " ✓" : ""),
						}))}
						onChange={(material) => onChange({ materials: { ...draft.materials, [part.id]: material } })}
					/>
				))}
			<VesselChoice recipe={recipe} draft={draft} problem={problem} onChange={onChange} />
			<Choice
				id="lid"
				label="Lid"
				value={recipe.lid.id}
				options={recipe.lid.options.map((lid) => ({ id: lid.id, words: lid.words + (lid.asked ? " ✓" : "") }))}
				onChange={(lid) => onChange({ lid: lid as Recipe["lid"]["id"] })}
			/>
			<Choice
				id="place"
				label="Place"
				value={recipe.place.id}
				options={places.map((place) => ({ id: place.id, words: `${place.name}, ${place.temperature}` }))}
				onChange={(placeId) => onChange({ placeId })}
			/>
			{recipe.water && recipe.water.ways.length > 1 && (
				<Choice
					id="water"
					label="Against chlorine"
					value={recipe.water.treatment}
					options={recipe.water.ways}
					onChange={(way) => onChange({ treatment: way as Draft["treatment"] })}
				/>
			)}
		</div>
	);
}

type ChoiceProps = {
	readonly id: string;
	readonly label: string;
	readonly value: string;
	readonly options: readonly { readonly id: string; readonly words: string }[];
	readonly onChange: (id: string) => void;
};

function Choice({ id, label, value, options, onChange }: ChoiceProps) {
	return (
		<Form.Group controlId={id}>
			<Form.Label>{label}</Form.Label>
			<Form.Select value={value} onChange={(event) => onChange(event.target.value)}>
				{options.map((option) => (
					<option key={option.id} value={option.id}>
						{option.words}
					</option>
				))}
			</Form.Select>
		</Form.Group>
	);
}

function VesselChoice({ recipe, draft, problem, onChange }: Props) {
	const vessels = (useVessels().data ?? []).filter((vessel) => vessel.retiredOn === undefined);
	const another = draft.capacity !== undefined || recipe.vessel.id === undefined;
	const choose = (id: string) =>
		onChange(
			id === ANOTHER
				? { vesselId: undefined, capacity: recipe.vessel.capacity, kind: recipe.vessel.kind }
				: { vesselId: id, capacity: undefined, kind: undefined },
		);
	return (
		<Form.Group controlId="vessel">
			<Form.Label>Vessel</Form.Label>
			<Form.Select
				value={another ? ANOTHER : recipe.vessel.id}
				onChange={(event) => choose(event.target.value)}
				isInvalid={problem !== undefined && !another}
			>
				{vessels.map((vessel) => (
					<option key={vessel.id} value={vessel.id} disabled={vessel.holds !== undefined}>
						{vesselWords(vessel)}
					</option>
				))}
				<option value={ANOTHER}>another {recipe.vessel.kindWords} …</option>
			</Form.Select>
			{another && (
				<>
					<Form.Control
						className="mt-1"
						aria-label={`Size of the other ${recipe.vessel.kindWords}`}
						value={draft.capacity ?? recipe.vessel.capacity}
						isInvalid={problem !== undefined}
						aria-describedby="capacity-problem"
						onChange={(event) =>
							onChange({ capacity: event.target.value, kind: recipe.vessel.kind, vesselId: undefined })
						}
					/>
					<Form.Control.Feedback type="invalid" id="capacity-problem" role="alert">
						{problem}
					</Form.Control.Feedback>
				</>
			)}
			{recipe.split && <Form.Text>{recipe.split}</Form.Text>}
		</Form.Group>
	);
}

function vesselWords(vessel: Vessel): string {
	const holds = vessel.holds === undefined ? "" : `, holds ${vessel.holds}`;
	return `${vessel.code}, ${vessel.capacity} ${vessel.kindWords}${holds}`;
}
