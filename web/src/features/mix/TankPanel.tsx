import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { troubleAt } from "../../api/problem";
import type { Bottle, Mix } from "../../api/types";
import { TextField } from "../../shared/TextField";
import { WorkingMark } from "../../shared/WorkingMark";
import { ADDITIONS, type Extra } from "./wish";

type Props = {
	readonly bottles: readonly Bottle[];
	readonly first: Bottle;
	readonly extras: readonly Extra[];
	readonly mix?: Mix;
	readonly error: Error | null;
	readonly onChange: (extras: readonly Extra[]) => void;
};

const MOST_EXTRAS = 5;

/** What else goes into the same water, each with its strength. */
export function TankPanel({ bottles, first, extras, mix, error, onChange }: Props) {
	const [open, setOpen] = useState(false);
	const others = bottles.filter(
		(bottle) => bottle.id !== first.id && !extras.some((extra) => extra.bottleId === bottle.id),
	);
	const additions = ADDITIONS.filter((addition) => !extras.some((extra) => extra.addition === addition.id));
	const add = (choice: string) => {
		setOpen(false);
		const addition = additions.find((one) => one.id === choice);
		onChange([...extras, addition ? { id: choice, addition: addition.id } : { id: choice, bottleId: choice }]);
	};
	const name = (extra: Extra) =>
		bottles.find((bottle) => bottle.id === extra.bottleId)?.name ??
		ADDITIONS.find((addition) => addition.id === extra.addition)?.words ??
		"";
	return (
		<section aria-label="Into the same water" className="tank">
			{extras.map((extra, index) => {
				const brew = mix?.brews[index + 1];
				return (
					<div key={extra.id} className="tank-line">
						<TextField
							id={`strength${index + 1}`}
							label={`${name(extra)}, strength`}
							value={extra.strength ?? brew?.strength.text ?? ""}
							problem={troubleAt(error, `strength${index + 1}`)}
							onChange={(strength) => onChange(extras.map((one) => (one.id === extra.id ? { ...one, strength } : one)))}
						/>
						{brew && <WorkingMark of={`Why ${brew.strength.text}`} working={brew.strength.working} words="why" />}
						<Button
							variant="link"
							aria-label={`Leave ${name(extra)} out`}
							onClick={() => onChange(extras.filter((one) => one.id !== extra.id))}
						>
							leave out
						</Button>
					</div>
				);
			})}
			{extras.length < MOST_EXTRAS && !open && (
				<Button variant="link" className="px-0" onClick={() => setOpen(true)}>
					+ another into the same water
				</Button>
			)}
			{open && (
				<Form.Group controlId="another">
					<Form.Label>Another into the same water</Form.Label>
					<Form.Select value="" autoFocus onChange={(event) => add(event.target.value)}>
						<option value="">choose …</option>
						{others.map((bottle) => (
							<option key={bottle.id} value={bottle.id}>
								{bottle.code} {bottle.name}
							</option>
						))}
						{additions.map((addition) => (
							<option key={addition.id} value={addition.id}>
								{addition.words}
							</option>
						))}
					</Form.Select>
				</Form.Group>
			)}
		</section>
	);
}
