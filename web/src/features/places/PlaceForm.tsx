import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Place, PlaceKind, PlaceRequest } from "../../api/types";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useDescribePlace } from "./queries";
import { WarmthFields } from "./WarmthFields";

const LIGHTS = [
	{ id: "DARK", words: "Dark" },
	{ id: "SHADE", words: "Shade" },
	{ id: "SUN", words: "Sun" },
] as const;

type Props = {
	readonly kinds: readonly PlaceKind[];
	/** The place to describe anew; a new one where it is left out. */
	readonly place?: Place;
	readonly onDone?: () => void;
};

/** What a place is like. Its kind fills in what its warmth usually does; the numbers can be corrected. */
export function PlaceForm({ kinds, place, onDone }: Props) {
	const [wish, setWish] = useState<PlaceRequest>(() => wishOf(place));
	const describe = useDescribePlace(place?.id);
	const change = (part: Partial<PlaceRequest>) => setWish((before) => ({ ...before, ...part }));
	const kind = kinds.find((one) => one.kind === wish.kind);
	const id = place?.id ?? "new";
	const at = (field: string) => troubleAt(describe.error, field);
	const told = describe.error && problemFrom(describe.error).field !== undefined;
	return (
		<Form
			noValidate
			aria-label={place ? `Describe ${place.name}` : "Add a place"}
			onSubmit={(event) => {
				event.preventDefault();
				describe.mutate(wish, {
					onSuccess: () => {
						if (!place) {
							setWish(wishOf());
						}
						onDone?.();
					},
				});
			}}
		>
			<div className="own-grid">
				<TextField
					id={`place-name-${id}`}
					label={place ? "Name" : "Another place"}
					value={wish.name}
					problem={at("name")}
					onChange={(name) => change({ name })}
				/>
				<Form.Group controlId={`place-kind-${id}`}>
					<Form.Label>What kind of place</Form.Label>
					<Form.Select
						value={wish.kind}
						onChange={(event) => change(kindChange(kinds, event.target.value as PlaceKind["kind"]))}
					>
						{kinds.map((one) => (
							<option key={one.kind} value={one.kind}>
								{one.words}
							</option>
						))}
					</Form.Select>
					<Form.Text>usually {kind?.usual} (from memory)</Form.Text>
				</Form.Group>
				<WarmthFields id={id} kind={kind} wish={wish} error={describe.error} onChange={change} />
			</div>
			<div className="mt-2">
				<Options label="Light there" options={LIGHTS} value={wish.light} onChange={(light) => change({ light })} />
			</div>
			<Form.Check
				id={`place-outdoors-${id}`}
				className="decision"
				label="Outdoors: gas and stink go away"
				checked={wish.outdoors}
				onChange={(event) => change({ outdoors: event.target.checked })}
			/>
			{!wish.outdoors && (
				<TextField
					id={`place-room-${id}`}
					label="Size of the room, m³"
					value={wish.room ?? ""}
					problem={at("room")}
					hint="for the gas; may stay empty"
					onChange={(room) => change({ room })}
				/>
			)}
			<div className="actions">
				<Button type="submit" variant="outline" disabled={describe.isPending}>
					{place ? "Keep this" : "Add the place"}
				</Button>
				{place && (
					<Button variant="link" onClick={onDone}>
						Leave it
					</Button>
				)}
			</div>
			{describe.error && !told && <ProblemNote error={describe.error} />}
		</Form>
	);
}

function wishOf(place?: Place): PlaceRequest {
	return {
		name: place?.name ?? "",
		kind: place?.kind ?? "INDOORS",
		temperature: place?.fields.temperature ?? "",
		warmer: place?.fields.warmer ?? "",
		damping: place?.fields.damping ?? "",
		lagHours: place?.fields.lagHours ?? "",
		light: place?.light ?? "SHADE",
		outdoors: place?.outdoors ?? false,
		room: place?.room ?? "",
		version: place?.version ?? 0,
	};
}

/** Another kind brings its own usual numbers. */
function kindChange(kinds: readonly PlaceKind[], kind: PlaceKind["kind"]): Partial<PlaceRequest> {
	const outdoors = kinds.find((one) => one.kind === kind)?.outdoors ?? false;
	return { kind, outdoors, temperature: "", warmer: "", damping: "", lagHours: "" };
}
