import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import { problemAt, troubleAt } from "../../api/problem";
import type { Bottle } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { usePlaces } from "../places";
import { useKeepOn, useLetGo, useMeasureBottle, useMoveBottle } from "./queries";

type Act = "keep" | "let-go" | "measure" | "move";

/** What can be done with a bottle; one form is open at a time. */
export function BottleActs({ bottle, past }: { readonly bottle: Bottle; readonly past: boolean }) {
	const [open, setOpen] = useState<Act | undefined>(past ? "keep" : undefined);
	const close = () => setOpen(undefined);
	return (
		<div className="bottle-acts">
			{open === "keep" && <KeepOn bottle={bottle} />}
			{open === "let-go" && <LetGo bottle={bottle} />}
			{open === "measure" && <Measure bottle={bottle} onDone={close} />}
			{open === "move" && <Move bottle={bottle} onDone={close} />}
			<div className="actions">
				{bottle.poured && (
					<Link className="btn btn-outline" to={`/mix?bottle=${bottle.id}`}>
						Mix
					</Link>
				)}
				{bottle.batchId && (
					<Link className="btn btn-outline" to={`/pots/${bottle.batchId}`}>
						Its pot
					</Link>
				)}
				{open !== "measure" && (
					<Button variant="link" onClick={() => setOpen("measure")}>
						measure …
					</Button>
				)}
				{open !== "move" && (
					<Button variant="link" onClick={() => setOpen("move")}>
						move …
					</Button>
				)}
				{open !== "let-go" && (
					<Button variant="link" onClick={() => setOpen("let-go")}>
						pour out …
					</Button>
				)}
			</div>
		</div>
	);
}

function KeepOn({ bottle }: { readonly bottle: Bottle }) {
	const [days, setDays] = useState("30");
	const [words, setWords] = useState("");
	const keepOn = useKeepOn(bottle.id);
	const fields = problemAt(keepOn.error, "days", "words");
	return (
		<Form
			noValidate
			aria-label={`Keep ${bottle.code} on`}
			onSubmit={(event) => {
				event.preventDefault();
				keepOn.mutate({ days, words });
			}}
		>
			<TextField
				id={`seen-${bottle.id}`}
				label="What do you see and smell?"
				value={words}
				problem={troubleAt(keepOn.error, "words")}
				onChange={setWords}
			/>
			<TextField
				id={`days-${bottle.id}`}
				label="Keep it for how many more days?"
				value={days}
				problem={troubleAt(keepOn.error, "days")}
				onChange={setDays}
			/>
			<Button type="submit" variant="outline" className="mt-2" disabled={keepOn.isPending}>
				Keep this bottle
			</Button>
			{keepOn.error && !fields && <ProblemNote error={keepOn.error} />}
		</Form>
	);
}

function LetGo({ bottle }: { readonly bottle: Bottle }) {
	const [reason, setReason] = useState("");
	const letGo = useLetGo(bottle.id);
	const problem = problemAt(letGo.error, "reason");
	return (
		<Form
			noValidate
			aria-label={`Pour ${bottle.code} out`}
			onSubmit={(event) => {
				event.preventDefault();
				letGo.mutate(reason);
			}}
		>
			<TextField
				id={`why-${bottle.id}`}
				label="Why are you pouring it out?"
				value={reason}
				problem={problem}
				hint="On bare soil or the compost, never into a stream or storm drain."
				onChange={setReason}
			/>
			<Button type="submit" variant="outline" className="mt-2" disabled={letGo.isPending}>
				Poured out
			</Button>
			{letGo.error && !problem && <ProblemNote error={letGo.error} />}
		</Form>
	);
}

type DoneProps = { readonly bottle: Bottle; readonly onDone: () => void };

/** Corrects the level; also for what was thought empty and is not. */
export function Measure({ bottle, onDone }: DoneProps) {
	const [level, setLevel] = useState(bottle.level);
	const measure = useMeasureBottle(bottle.id);
	const problem = troubleAt(measure.error, "level");
	return (
		<Form
			noValidate
			aria-label={`Measure ${bottle.code} anew`}
			onSubmit={(event) => {
				event.preventDefault();
				measure.mutate(level, { onSuccess: onDone });
			}}
		>
			<TextField id={`level-${bottle.id}`} label="What is left" value={level} problem={problem} onChange={setLevel} />
			<Button type="submit" variant="outline" className="mt-2" disabled={measure.isPending}>
				Measured
			</Button>
			{measure.error && !problem && <ProblemNote error={measure.error} />}
		</Form>
	);
}

function Move({ bottle, onDone }: DoneProps) {
	const places = usePlaces().data ?? [];
	const [chosen, setChosen] = useState(bottle.placeId ?? "");
	const move = useMoveBottle(bottle.id);
	const placeId = chosen || places[0]?.id || "";
	return (
		<Form
			noValidate
			aria-label={`Put ${bottle.code} elsewhere`}
			onSubmit={(event) => {
				event.preventDefault();
				move.mutate(placeId, { onSuccess: onDone });
			}}
		>
			<Form.Group controlId={`place-${bottle.id}`}>
				<Form.Label>Stands</Form.Label>
				<Form.Select value={placeId} onChange={(event) => setChosen(event.target.value)}>
					{places.map((place) => (
						<option key={place.id} value={place.id}>
							{place.name}, {place.temperature} now
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<Button type="submit" variant="outline" className="mt-2" disabled={move.isPending}>
				Put there
			</Button>
			{move.error && <ProblemNote error={move.error} />}
		</Form>
	);
}
