import Form from "react-bootstrap/Form";
import { troubleAt } from "../../api/problem";
import type { ArrivalChoice } from "../../api/types";
import { TextField } from "../../shared/TextField";
import { PlaceSelect } from "../places";
import { useVessels, VesselKindSelect } from "../vessels";
import type { Line } from "./line";

type Props = {
	readonly chosen: ArrivalChoice;
	readonly line: Line;
	/** Where such a pot usually stands. */
	readonly usualPlace?: string;
	readonly error: unknown;
	readonly onChange: (part: Partial<Line>) => void;
};

/** In which vessel it stands, in the list or not yet, and where. */
export function InWhat({ chosen, line, usualPlace, error, onChange }: Props) {
	const vessels = useVessels().data ?? [];
	const free = vessels.filter((vessel) => !vessel.holds && !vessel.retiredOn);
	return (
		<div className="own-grid">
			<Form.Group controlId="standing-in">
				<Form.Label>In what?</Form.Label>
				<Form.Select value={line.vesselId} onChange={(event) => onChange({ vesselId: event.target.value })}>
					<option value="">not in the list yet</option>
					{free.map((vessel) => (
						<option key={vessel.id} value={vessel.id}>
							{vessel.code}, {vessel.capacity} {vessel.kindWords}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			{line.vesselId === "" && (
				<>
					<VesselKindSelect
						id="standing-kind"
						value={line.kind ?? chosen.kind}
						onChange={(kind) => onChange({ kind })}
					/>
					<TextField
						id="standing-size"
						as="LARGE_VOLUME"
						label="It holds about"
						value={line.capacity}
						problem={troubleAt(error, "capacity")}
						onChange={(capacity) => onChange({ capacity })}
					/>
					<TextField
						id="standing-code"
						label="Code on it"
						value={line.code}
						problem={troubleAt(error, "code")}
						hint="the next free one, where there is none yet"
						onChange={(code) => onChange({ code })}
					/>
				</>
			)}
			<PlaceSelect
				id="standing-place"
				label="Where?"
				value={line.placeId || (usualPlace ?? "")}
				onChange={(placeId) => onChange({ placeId })}
			/>
		</div>
	);
}
