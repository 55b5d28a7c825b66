import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import type { PracticeBed } from "../../api/types";

type Way = PracticeBed["ways"][number]["way"];

type Props = {
	readonly bed: PracticeBed;
	readonly onPour: (parts: number, way: Way) => void;
};

/** How thin, and onto what. */
export function Pouring({ bed, onPour }: Props) {
	const [parts, setParts] = useState("");
	const [way, setWay] = useState<Way>(bed.ways[0]?.way ?? "LEAF");
	return (
		<Form
			className="practice-choices"
			onSubmit={(event) => {
				event.preventDefault();
				onPour(Number(parts), way);
			}}
		>
			<Form.Group controlId="pour-parts">
				<Form.Label>How thin, one part to water</Form.Label>
				<Form.Select required value={parts} onChange={(event) => setParts(event.target.value)}>
					<option value="">choose …</option>
					{bed.doses.map((dose) => (
						<option key={dose.parts} value={dose.parts}>
							{dose.words}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<Form.Group controlId="pour-way">
				<Form.Label>Where it goes</Form.Label>
				<Form.Select value={way} onChange={(event) => setWay(event.target.value as Way)}>
					{bed.ways.map((one) => (
						<option key={one.way} value={one.way}>
							{one.words}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<Button type="submit">Pour it on the bed</Button>
		</Form>
	);
}
