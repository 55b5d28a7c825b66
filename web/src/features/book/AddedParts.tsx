import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { troubleAt } from "../../api/problem";
import type { Draft, DraftRequest } from "../../api/types";
import { TextField } from "../../shared/TextField";

type Added = NonNullable<DraftRequest["added"]>[number];
type Own = NonNullable<Added["own"]>;

type Props = {
	readonly added: readonly Added[];
	readonly materials: Draft["materials"];
	/** What an amount is told for, in words. */
	readonly per: string;
	readonly error: unknown;
	readonly onChange: (added: Added[]) => void;
};

const OWN = "own";
const NOTHING_KNOWN: Own = { name: "", liquid: false, litre: "", water: "", sugar: "" };

/** Parts that the method didn't have: from the book, from own brews, or something that no book tells of. */
export function AddedParts({ added, materials, per, error, onChange }: Props) {
	const change = (index: number, part: Partial<Added>) =>
		onChange(added.map((one, i) => (i === index ? { ...one, ...part } : one)));
	return (
		<section aria-label="Parts you add">
			{added.map((part, index) => (
				// biome-ignore lint/suspicious/noArrayIndexKey: parts have no other name before they are kept
				<div key={index} className="own-grid added-part">
					<Form.Group controlId={`added-material-${index}`}>
						<Form.Label>{`Part ${index + 1}`}</Form.Label>
						<Form.Select
							value={part.own ? OWN : (part.materialId ?? "")}
							onChange={(event) => change(index, chosen(event.target.value))}
						>
							{materials.map((material) => (
								<option key={material.id} value={material.id}>
									{material.name}
								</option>
							))}
							<option value={OWN}>something of your own …</option>
						</Form.Select>
					</Form.Group>
					<TextField
						id={`added-amount-${index}`}
						label={`How much of part ${index + 1}`}
						value={part.amount}
						problem={troubleAt(error, `added.${index}.amount`)}
						hint={per}
						onChange={(amount) => change(index, { amount })}
					/>
					{part.own && (
						<OwnFields index={index} own={part.own} error={error} onChange={(own) => change(index, { own })} />
					)}
					<div>
						<Button
							variant="link"
							aria-label={`Leave part ${index + 1} out`}
							onClick={() => onChange(added.filter((_, i) => i !== index))}
						>
							leave it out
						</Button>
					</div>
				</div>
			))}
			<Button
				variant="outline"
				className="mt-2"
				onClick={() => onChange([...added, { materialId: materials[0]?.id, amount: "" }])}
			>
				Add a part
			</Button>
		</section>
	);
}

function chosen(id: string): Partial<Added> {
	return id === OWN ? { materialId: undefined, own: NOTHING_KNOWN } : { materialId: id, own: undefined };
}

type OwnProps = {
	readonly index: number;
	readonly own: Own;
	readonly error: unknown;
	readonly onChange: (own: Own) => void;
};

function OwnFields({ index, own, error, onChange }: OwnProps) {
	const field = (name: "name" | "litre" | "water" | "sugar", label: string, hint: string) => (
		<TextField
			id={`added-${name}-${index}`}
			label={label}
			value={own[name]}
			problem={troubleAt(error, `added.${index}.${name}`)}
			hint={hint}
			onChange={(value) => onChange({ ...own, [name]: value })}
		/>
	);
	return (
		<>
			{field("name", "What it is called", "such as loft kelp")}
			{field("litre", "What a litre of it weighs", "such as 400 g: fill a jug and weigh it")}
			{field("water", "Water in it, percent", "empty where you don't know")}
			{field("sugar", "Sugar in it, percent", "empty where there is none")}
			<Form.Check
				id={`added-liquid-${index}`}
				className="decision"
				checked={own.liquid}
				onChange={(event) => onChange({ ...own, liquid: event.target.checked })}
				label="It is poured"
			/>
		</>
	);
}
