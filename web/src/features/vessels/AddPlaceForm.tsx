import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, problemFrom } from "../../api/problem";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { type AddPlace, useAddPlace } from "./queries";

const LIGHTS = [
	{ id: "DARK", words: "Dark" },
	{ id: "SHADE", words: "Shade" },
	{ id: "SUN", words: "Sun" },
] as const;

const BLANK: AddPlace = { name: "", temperature: "", light: "SHADE", outdoors: false, room: "" };

/** Another place where vessels stand. */
export function AddPlaceForm() {
	const [place, setPlace] = useState(BLANK);
	const add = useAddPlace();
	const change = (part: Partial<AddPlace>) => setPlace((before) => ({ ...before, ...part }));
	const told = add.error && problemFrom(add.error).field !== undefined;
	return (
		<Form
			noValidate
			aria-label="Add a place"
			className="mt-3"
			onSubmit={(event) => {
				event.preventDefault();
				add.mutate(place, { onSuccess: () => setPlace(BLANK) });
			}}
		>
			<div className="own-grid">
				<TextField
					id="place-name"
					label="Another place"
					value={place.name}
					problem={problemAt(add.error, "name")}
					onChange={(name) => change({ name })}
				/>
				<TextField
					id="place-warmth"
					label="Usual warmth"
					value={place.temperature}
					problem={problemAt(add.error, "temperature")}
					onChange={(temperature) => change({ temperature })}
				/>
			</div>
			<div className="mt-2">
				<Options label="Light there" options={LIGHTS} value={place.light} onChange={(light) => change({ light })} />
			</div>
			<Form.Check
				id="place-outdoors"
				className="decision"
				label="Outdoors"
				checked={place.outdoors}
				onChange={(event) => change({ outdoors: event.target.checked })}
			/>
			{!place.outdoors && (
				<TextField
					id="place-room"
					label="Size of the room, m³"
					value={place.room ?? ""}
					problem={problemAt(add.error, "room")}
					hint="for the gas; may stay empty"
					onChange={(room) => change({ room })}
				/>
			)}
			<div className="actions">
				<Button type="submit" variant="outline" disabled={add.isPending}>
					Add the place
				</Button>
			</div>
			{add.error && !told && <ProblemNote error={add.error} />}
		</Form>
	);
}
