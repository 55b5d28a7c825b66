import Form from "react-bootstrap/Form";
import { usePlaces } from "./queries";

type Props = {
	readonly id: string;
	readonly label: string;
	/** The place's id; empty for none. */
	readonly value: string;
	/** What no place is called, where that may be. */
	readonly none?: string;
	readonly onChange: (id: string) => void;
};

/** One of the garden's places. */
export function PlaceSelect({ id, label, value, none, onChange }: Props) {
	const places = usePlaces().data ?? [];
	return (
		<Form.Group controlId={id}>
			<Form.Label>{label}</Form.Label>
			<Form.Select value={value} onChange={(event) => onChange(event.target.value)}>
				{none !== undefined && <option value="">{none}</option>}
				{places.map((place) => (
					<option key={place.id} value={place.id}>
						{place.name}
					</option>
				))}
			</Form.Select>
		</Form.Group>
	);
}
