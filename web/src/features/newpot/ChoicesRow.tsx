import Form from "react-bootstrap/Form";
import type { Method, Recipe, Vessel } from "../../api/types";
import type { Draft } from "./NewPotPage";
import { usePlaces, useVessels } from "./queries";

type Props = {
	readonly method: Method;
	readonly recipe: Recipe;
	readonly draft: Draft;
	readonly problem?: string;
	readonly onChange: (part: Partial<Draft>) => void;
};

const ANOTHER = "another";

/** Sugar, vessel, lid and place: filled in, and free to change. */
export function ChoicesRow({ method, recipe, draft, problem, onChange }: Props) {
	const vessels = useVessels().data ?? [];
	const places = usePlaces().data ?? [];
	const another = draft.capacity !== undefined || recipe.vessel.id === undefined;
	const chooseVessel = (id: string) =>
		onChange(
			id === ANOTHER
				? { vesselId: undefined, capacity: recipe.vessel.capacity }
				: { vesselId: id, capacity: undefined },
		);
	return (
		<div className="choices">
			<Form.Group controlId="sugar">
				<Form.Label>Sugar</Form.Label>
				<Form.Select value={recipe.sugarId} onChange={(event) => onChange({ sugarId: event.target.value })}>
					{method.sugars.map((sugar) => (
						<option key={sugar.id} value={sugar.id}>
							{sugar.words}
							{sugar.asked ? " ✓" : ""}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<Form.Group controlId="vessel">
				<Form.Label>Vessel</Form.Label>
				<Form.Select
					value={another ? ANOTHER : recipe.vessel.id}
					onChange={(event) => chooseVessel(event.target.value)}
				>
					{vessels.map((vessel) => (
						<option key={vessel.id} value={vessel.id} disabled={vessel.holds !== undefined}>
							{vesselWords(vessel)}
						</option>
					))}
					<option value={ANOTHER}>another jar …</option>
				</Form.Select>
				{another && (
					<>
						<Form.Control
							className="mt-1"
							aria-label="Size of the other jar"
							value={draft.capacity ?? recipe.vessel.capacity}
							isInvalid={problem !== undefined}
							aria-describedby="capacity-problem"
							onChange={(event) => onChange({ capacity: event.target.value, vesselId: undefined })}
						/>
						<Form.Control.Feedback type="invalid" id="capacity-problem" role="alert">
							{problem}
						</Form.Control.Feedback>
					</>
				)}
			</Form.Group>
			<Form.Group controlId="lid">
				<Form.Label>Lid</Form.Label>
				<Form.Select
					value={recipe.lid.id}
					onChange={(event) => onChange({ lid: event.target.value as Recipe["lid"]["id"] })}
				>
					{method.lids.map((lid) => (
						<option key={lid.id} value={lid.id}>
							{lid.words}
							{lid.asked ? " ✓" : ""}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<Form.Group controlId="place">
				<Form.Label>Place</Form.Label>
				<Form.Select value={recipe.place.id} onChange={(event) => onChange({ placeId: event.target.value })}>
					{places.map((place) => (
						<option key={place.id} value={place.id}>
							{place.name}, {place.temperature}
						</option>
					))}
				</Form.Select>
			</Form.Group>
		</div>
	);
}

function vesselWords(vessel: Vessel): string {
	const holds = vessel.holds === undefined ? "" : `, holds ${vessel.holds}`;
	return `${vessel.code}, ${vessel.capacity} ${vessel.kind === "JAR" ? "jar" : "bucket"}${holds}`;
}
