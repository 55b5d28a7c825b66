import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import { problemAt, troubleAt } from "../../api/problem";
import type { Bottle } from "../../api/types";
import { BottleDrawing } from "../../drawings/BottleDrawing";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { TextField } from "../../shared/TextField";
import { WorkingMark } from "../../shared/WorkingMark";
import { usePlaces } from "../places";
import { ArriveBottleForm } from "./ArriveBottleForm";
import { bottlesQuery, useKeepOn, useLetGo, useMeasureBottle, useMoveBottle } from "./queries";

/** Finished brews on their shelf, the one to use first on top; what has turned asks for a decision. */
export function BottlesPage() {
	const bottles = useQuery(bottlesQuery);
	if (bottles.isPending) {
		return <p className="pots">Dusting the shelf …</p>;
	}
	if (!bottles.data) {
		return (
			<div className="pots">
				<ProblemNote error={bottles.error} />
			</div>
		);
	}
	const full = bottles.data.filter((bottle) => bottle.freshness !== "EMPTY");
	const past = full.filter((bottle) => bottle.freshness === "PAST");
	const good = full.filter((bottle) => bottle.freshness !== "PAST");
	const empty = bottles.data.length - full.length;
	return (
		<div className="pots">
			<h1>Bottles in store</h1>
			<p className="soft">
				Oldest usable first.{" "}
				<Link className="in-line" to="/labels">
					Labels to print
				</Link>
			</p>
			{full.length === 0 && (
				<div className="empty">
					<h2>No bottle yet</h2>
					<p>
						Straining a ready pot puts one here, with its level, its place and its last day. What you have already comes
						in below.
					</p>
				</div>
			)}
			{past.length > 0 && (
				<>
					<h2>Past their day: look, smell, decide</h2>
					<ul className="bottle-list">
						{past.map((bottle) => (
							<BottleLine key={bottle.id} bottle={bottle} />
						))}
					</ul>
				</>
			)}
			<ul className="bottle-list">
				{good.map((bottle) => (
					<BottleLine key={bottle.id} bottle={bottle} />
				))}
			</ul>
			<ArriveBottleForm />
			{empty > 0 && <p className="soft">{empty === 1 ? "One bottle is" : `${empty} bottles are`} empty by now.</p>}
		</div>
	);
}

function BottleLine({ bottle }: { readonly bottle: Bottle }) {
	const past = bottle.freshness === "PAST";
	return (
		<li className="bottle-line">
			<BottleDrawing share={bottle.levelShare} past={past} />
			<div className="bottle-words">
				<h3>
					<Tag code={bottle.code} /> {bottle.name}
				</h3>
				<p className="mb-0">
					<b>{bottle.level}</b> <span className="soft">{bottle.also}</span>{" "}
					<WorkingMark of={`What is left in ${bottle.code}`} working={bottle.levelWorking} words="ledger" />
				</p>
				<p className="mb-0">
					<span className={bottle.freshness === "FRESH" ? undefined : "soon"}>{bottle.useByWords}</span>{" "}
					<WorkingMark of={`How long ${bottle.code} keeps`} working={bottle.useByWorking} />
				</p>
				<p className="mb-0 soft small">
					{bottle.keptWords}
					{bottle.place && ` · stands: ${bottle.place}`}
					{bottle.soilOnly && " · soil only"}
					{bottle.nothingEdible && " · only where nothing you eat grows"}
				</p>
				<p className="mb-0 soft small">{bottle.labelLine}</p>
			</div>
			<BottleActs bottle={bottle} past={past} />
		</li>
	);
}

type Act = "keep" | "let-go" | "measure" | "move";

function BottleActs({ bottle, past }: { readonly bottle: Bottle; readonly past: boolean }) {
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

function Measure({ bottle, onDone }: DoneProps) {
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
