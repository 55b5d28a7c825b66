import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, problemFrom, troubleAt } from "../../api/problem";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { type AddVessel, useAddVessel } from "./queries";
import { VesselKindSelect } from "./VesselKindSelect";

const WALLS: readonly { id: NonNullable<AddVessel["material"]>; words: string }[] = [
	{ id: "GLASS", words: "glass" },
	{ id: "CERAMIC", words: "glazed pot" },
	{ id: "PLASTIC", words: "plastic" },
	{ id: "STAINLESS", words: "stainless steel" },
	{ id: "BARE_METAL", words: "other metal" },
	{ id: "WOOD", words: "wood" },
	{ id: "BASKET", words: "basket" },
	{ id: "CARDBOARD", words: "cardboard" },
];

/** A vessel of the gardener's own; the next free code is given where none is typed. */
export function AddVesselForm() {
	const [vessel, setVessel] = useState<AddVessel>({ kind: "BUCKET", capacity: "20 L", code: "" });
	const add = useAddVessel();
	const change = (part: Partial<AddVessel>) => setVessel((before) => ({ ...before, ...part }));
	const taken = add.error && problemFrom(add.error).code === "code-taken" ? problemFrom(add.error).detail : undefined;
	const codeProblem = problemAt(add.error, "code") ?? taken;
	const told = codeProblem ?? problemAt(add.error, "capacity");
	return (
		<Form
			noValidate
			aria-label="Add a vessel"
			onSubmit={(event) => {
				event.preventDefault();
				add.mutate(vessel, { onSuccess: () => change({ code: "" }) });
			}}
		>
			<h2>Add a vessel</h2>
			<div className="own-grid">
				<VesselKindSelect
					id="vessel-kind"
					value={vessel.kind}
					onChange={(kind) => change({ kind, material: undefined })}
				/>
				<TextField
					id="vessel-size"
					as="LARGE_VOLUME"
					label="Size"
					value={vessel.capacity}
					problem={troubleAt(add.error, "capacity")}
					onChange={(capacity) => change({ capacity })}
				/>
				<Form.Group controlId="vessel-walls">
					<Form.Label>Made of</Form.Label>
					<Form.Select
						value={vessel.material ?? ""}
						onChange={(event) => change({ material: (event.target.value || undefined) as AddVessel["material"] })}
					>
						<option value="">as usual for its shape</option>
						{WALLS.map((walls) => (
							<option key={walls.id} value={walls.id}>
								{walls.words}
							</option>
						))}
					</Form.Select>
				</Form.Group>
				<TextField
					id="vessel-code"
					label="Code"
					value={vessel.code ?? ""}
					problem={codeProblem}
					hint="the next free one, where you leave it empty"
					onChange={(code) => change({ code })}
				/>
			</div>
			<div className="actions">
				<Button type="submit" variant="primary" disabled={add.isPending}>
					Add it
				</Button>
			</div>
			{add.error && !told && <ProblemNote error={add.error} />}
			{add.data && (
				<p className="note" role="status">
					<b>Added</b>
					<span>
						Write {add.data.code} on body and lid of the {add.data.capacity} {add.data.kindWords}.
					</span>
				</p>
			)}
		</Form>
	);
}
