import Form from "react-bootstrap/Form";
import type { AddVessel } from "./queries";

type Kind = AddVessel["kind"];

const KINDS: readonly { readonly id: Kind; readonly words: string }[] = [
	{ id: "JAR", words: "jar" },
	{ id: "BUCKET", words: "bucket" },
	{ id: "DRUM", words: "drum" },
	{ id: "BOX", words: "wooden box" },
	{ id: "TRAY", words: "tray" },
	{ id: "BIN", words: "bin with tap" },
];

type Props = { readonly id: string; readonly value: Kind; readonly onChange: (kind: Kind) => void };

/** The shape of a vessel. */
export function VesselKindSelect({ id, value, onChange }: Props) {
	return (
		<Form.Group controlId={id}>
			<Form.Label>Shape</Form.Label>
			<Form.Select value={value} onChange={(event) => onChange(event.target.value as Kind)}>
				{KINDS.map((kind) => (
					<option key={kind.id} value={kind.id}>
						{kind.words}
					</option>
				))}
			</Form.Select>
		</Form.Group>
	);
}
