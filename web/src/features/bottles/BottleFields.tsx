import Form from "react-bootstrap/Form";
import { troubleAt } from "../../api/problem";
import type { BottleArrival, BrewKind } from "../../api/types";
import { TextField } from "../../shared/TextField";
import { PlaceSelect } from "../places";

type Props = {
	readonly bottle: BottleArrival;
	readonly kinds: readonly BrewKind[];
	/** What is in it, of all kinds. */
	readonly kind?: BrewKind;
	readonly error: unknown;
	readonly onChange: (part: Partial<BottleArrival>) => void;
};

/** What is in a bottle, how much, since when, and how it is kept. */
export function BottleFields({ bottle, kinds, kind, error, onChange }: Props) {
	return (
		<div className="own-grid">
			<Form.Group controlId="bottle-kind">
				<Form.Label>What is in it?</Form.Label>
				<Form.Select value={kind?.id} onChange={(event) => onChange({ productId: event.target.value, keepId: "" })}>
					{kinds.map((known) => (
						<option key={known.id} value={known.id}>
							{known.name}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<TextField
				id="bottle-name"
				label="What you call it"
				value={bottle.name ?? ""}
				problem={troubleAt(error, "name")}
				hint="such as “comfrey juice”; as its brew, where you leave it empty"
				onChange={(name) => onChange({ name })}
			/>
			<TextField
				id="bottle-volume"
				as={kind?.solid ? "SOLID" : "SMALL_VOLUME"}
				label="How much"
				value={bottle.volume}
				problem={troubleAt(error, "volume")}
				onChange={(volume) => onChange({ volume })}
			/>
			<TextField
				id="bottle-since"
				as="PAST"
				label="Filled or bought when?"
				value={bottle.since}
				problem={troubleAt(error, "since")}
				hint="“last month”, “20 May”, “nobody knows”"
				onChange={(since) => onChange({ since })}
			/>
			<Form.Group controlId="bottle-keep">
				<Form.Label>Kept</Form.Label>
				<Form.Select value={bottle.keepId} onChange={(event) => onChange({ keepId: event.target.value })}>
					{kind?.keeps.map((keep) => (
						<option key={keep.id} value={keep.id}>
							{keep.words}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<TextField
				id="bottle-stood"
				as="PAST"
				label="How long had it stood before?"
				value={bottle.stood ?? ""}
				problem={troubleAt(error, "stood")}
				hint="such as “3 weeks”; where nobody knows, it is poured as if it were old"
				onChange={(stood) => onChange({ stood })}
			/>
			<PlaceSelect
				id="bottle-place"
				label="Stands"
				value={bottle.placeId ?? ""}
				none="nobody said"
				onChange={(placeId) => onChange({ placeId })}
			/>
		</div>
	);
}
