import { useQuery } from "@tanstack/react-query";
import Form from "react-bootstrap/Form";
import { type Entries, sourcesQuery } from "./queries";

/** Entries from a real pot, bottle or planting. */
export function StartFrom({ id, onTake }: { readonly id: string; readonly onTake: (values: Entries) => void }) {
	const sources = useQuery(sourcesQuery(id));
	if (!sources.data || sources.data.length === 0) {
		return null;
	}
	const all = sources.data;
	return (
		<Form.Group controlId="start-from" className="no-print">
			<Form.Label>Take it from your garden</Form.Label>
			<Form.Select
				value=""
				onChange={(event) => {
					const source = all[Number(event.target.value)];
					if (source) {
						onTake(source.values);
					}
				}}
			>
				<option value="">choose a pot, bottle or bed</option>
				{all.map((source, index) => (
					<option key={source.words} value={index}>
						{source.words}
					</option>
				))}
			</Form.Select>
		</Form.Group>
	);
}
