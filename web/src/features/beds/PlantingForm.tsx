import { useQuery } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, troubleAt } from "../../api/problem";
import type { Crop, Planting, PlantingRequest } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { TypedBefore } from "../../shared/TypedBefore";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { DayFields } from "./DayFields";
import { GroundFields } from "./GroundFields";
import { Habits } from "./Habits";
import { cropsQuery, useKeepPlanting } from "./queries";

const NEW: PlantingRequest = {
	name: "",
	area: "",
	appetite: "MEDIUM",
	soil: "LOAM",
	eaten: "RAW",
	touched: true,
	ironSensitive: false,
	saltSensitive: false,
	sheltered: false,
	stage: "SEEDLING",
	version: 0,
};

/** A planting, described as its crop usually is and changed where it differs. */
export function PlantingForm({ planting, onDone }: { readonly planting?: Planting; readonly onDone: () => void }) {
	const crops = useQuery(cropsQuery);
	const keep = useKeepPlanting();
	const key = useWriteKey();
	const place = planting ? `planting ${planting.id}, version ${planting.version}` : "planting";
	const { typed, change, letGo, since } = useTyped<PlantingRequest>(place, planting ? asRequest(planting) : NEW);
	const prefix = planting?.id ?? "new";
	return (
		<Form
			noValidate
			className="planting-form"
			aria-label={planting ? `Describe ${planting.name} anew` : "Add a planting"}
			onSubmit={(event) => {
				event.preventDefault();
				keep.mutate(key.keyed({ id: planting?.id, planting: typed }), {
					onSuccess: () => {
						key.renew();
						letGo();
						onDone();
					},
				});
			}}
		>
			<TypedBefore since={since} onLetGo={letGo} />
			<Form.Group controlId={`crop-${prefix}`}>
				<Form.Label>Crop</Form.Label>
				<Form.Select
					value={typed.cropId ?? ""}
					onChange={(event) =>
						change(
							asCrop(
								crops.data?.find((crop) => crop.id === event.target.value),
								typed,
							),
						)
					}
				>
					<option value="">something else</option>
					{crops.data?.map((crop) => (
						<option key={crop.id} value={crop.id}>
							{crop.name}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<TextField
				id={`name-${prefix}`}
				label="What you call it"
				value={typed.name}
				problem={troubleAt(keep.error, "name")}
				onChange={(name) => change({ name })}
			/>
			<GroundFields prefix={prefix} value={typed} error={keep.error} onChange={change} />
			<Habits prefix={prefix} value={typed} onChange={change} />
			<Form.Check
				id={`sheltered-${prefix}`}
				className="decision"
				checked={typed.sheltered}
				onChange={(event) => change({ sheltered: event.target.checked })}
				label="Under glass"
			/>
			<DayFields prefix={prefix} value={typed} error={keep.error} onChange={change} />
			{keep.error && problemAt(keep.error, "name", "area", "pots", "pot", "harvest") === undefined && (
				<ProblemNote error={keep.error} />
			)}
			<div className="actions">
				<Button type="submit" variant="outline" disabled={keep.isPending}>
					{planting ? "Keep it so" : "Add the planting"}
				</Button>
			</div>
		</Form>
	);
}

function asRequest(planting: Planting): PlantingRequest {
	return {
		name: planting.name,
		cropId: planting.cropId,
		area: planting.area || undefined,
		pots: planting.pots || undefined,
		pot: planting.pot || undefined,
		appetite: planting.appetite,
		soil: planting.soil,
		eaten: planting.eaten,
		touched: planting.touched,
		ironSensitive: planting.ironSensitive,
		saltSensitive: planting.saltSensitive,
		sheltered: planting.sheltered,
		sown: planting.sown,
		harvest: planting.harvest,
		stage: planting.stageId,
		version: planting.version,
	};
}

/** What a crop usually is, over what was typed; a name that was typed stays. */
function asCrop(crop: Crop | undefined, typed: PlantingRequest): Partial<PlantingRequest> {
	if (!crop) {
		return { cropId: undefined };
	}
	const first = crop.days.find((stage) => stage.days > 0);
	return {
		cropId: crop.id,
		name: typed.name || crop.name,
		appetite: crop.appetite,
		eaten: crop.eaten,
		touched: crop.touched,
		ironSensitive: crop.ironSensitive,
		saltSensitive: crop.saltSensitive,
		soil: typed.pots === undefined ? crop.soil : "POTTING_MIX",
		stage: typed.version > 0 ? typed.stage : (first?.stage ?? typed.stage),
	};
}
