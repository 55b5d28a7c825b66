import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, problemFrom } from "../../api/problem";
import type { Bottle, Pot } from "../../api/types";
import { Cautions } from "../../shared/FindingNote";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWriteKey } from "../../shared/useWriteKey";
import { WorkingMark } from "../../shared/WorkingMark";
import { useStrain, useThrowAway, useWring } from "./queries";

type Props = { readonly pot: Pot; readonly onBottled: (bottle: Bottle) => void };

/** What ends a stage: wring it out, strain it into a bottle, or throw it away. */
export function EndForms({ pot, onBottled }: Props) {
	return (
		<>
			{pot.exit === "WRING" ? <WringForm pot={pot} /> : <StrainForm pot={pot} onBottled={onBottled} />}
			<ThrowAwayForm pot={pot} />
		</>
	);
}

/** Asked once: the server says why it is unwise, and the gardener decides. */
function EarlyDecision({ error, onDecide, words }: { error: unknown; onDecide: () => void; words: string }) {
	if (!error || problemFrom(error).code !== "not-ready") {
		return null;
	}
	return (
		<div className="note warn" role="alert">
			<b>Early</b>
			<span>
				{problemFrom(error).detail}
				<br />
				<Button variant="outline" className="mt-2" onClick={onDecide}>
					{words}
				</Button>
			</span>
		</div>
	);
}

function WringForm({ pot }: { readonly pot: Pot }) {
	const wring = useWring(pot.summary.id);
	const early = wring.error && problemFrom(wring.error).code === "not-ready";
	return (
		<section className="mb-3">
			<h2>Wring it out</h2>
			<p className="small soft">
				Wring the leaves out by hand; the liquid goes back into {pot.summary.code} and works on alone.
			</p>
			<Button
				variant={pot.verdict.kind === "READY" ? "primary" : "outline"}
				disabled={wring.isPending}
				onClick={() => wring.mutate(false)}
			>
				Wrung out: liquid is back
			</Button>
			<EarlyDecision error={wring.error} words="Wring it early" onDecide={() => wring.mutate(true)} />
			{wring.error && !early && <ProblemNote error={wring.error} />}
		</section>
	);
}

function StrainForm({ pot, onBottled }: Props) {
	const [volume, setVolume] = useState(pot.bottling.expected.text);
	const [keepId, setKeepId] = useState(pot.bottling.keeps[0]?.id ?? "");
	const strain = useStrain(pot.summary.id);
	const key = useWriteKey();
	const send = (early: boolean) =>
		strain.mutate(
			{ key: key.current(), volume, keepId, early },
			{
				onSuccess: (bottle) => {
					key.renew();
					onBottled(bottle);
				},
			},
		);
	const volumeProblem = problemAt(strain.error, "volume");
	const early = strain.error && problemFrom(strain.error).code === "not-ready";
	return (
		<Form
			noValidate
			className="mb-3"
			aria-label="Strain and bottle"
			onSubmit={(event) => {
				event.preventDefault();
				send(false);
			}}
		>
			<h2 className="mb-2">Strain and bottle</h2>
			<Form.Group controlId="strained" className="mb-2">
				<Form.Label>Juice, as measured</Form.Label>
				<Form.Control
					value={volume}
					autoComplete="off"
					isInvalid={volumeProblem !== undefined}
					aria-describedby="strained-problem"
					onChange={(event) => setVolume(event.target.value)}
				/>
				<Form.Control.Feedback type="invalid" id="strained-problem" role="alert">
					{volumeProblem}
				</Form.Control.Feedback>
				<Form.Text as="div" className="spaced-lines">
					<div>
						usually about {pot.bottling.expected.text}{" "}
						<WorkingMark of="Juice to expect" working={pot.bottling.expected.working} />
					</div>
					<div>
						at most {pot.bottling.most.text}{" "}
						<WorkingMark of="The most that can come out" working={pot.bottling.most.working} />
					</div>
					<div>
						into a bottle of {pot.bottling.bottle.text} or more{" "}
						<WorkingMark of="The bottle to take" working={pot.bottling.bottle.working} />
					</div>
				</Form.Text>
			</Form.Group>
			<Form.Group controlId="kept" className="mb-2">
				<Form.Label>Kept</Form.Label>
				<Form.Select value={keepId} onChange={(event) => setKeepId(event.target.value)}>
					{pot.bottling.keeps.map((keep) => (
						<option key={keep.id} value={keep.id}>
							{keep.words}: {keep.days}
						</option>
					))}
				</Form.Select>
				<Form.Text>{pot.bottling.keeps.find((keep) => keep.id === keepId)?.markWords}</Form.Text>
			</Form.Group>
			<Button type="submit" variant={pot.verdict.kind === "READY" ? "primary" : "outline"} disabled={strain.isPending}>
				Strained: fill a bottle
			</Button>
			<EarlyDecision error={strain.error} words="Strain it early" onDecide={() => send(true)} />
			{strain.error && !volumeProblem && !early && <ProblemNote error={strain.error} />}
			<Cautions cautions={pot.bottling.cautions} />
		</Form>
	);
}

function ThrowAwayForm({ pot }: { readonly pot: Pot }) {
	const [reason, setReason] = useState<string>();
	const throwAway = useThrowAway(pot.summary.id);
	if (reason === undefined) {
		return (
			<Button
				variant="link"
				className="mb-2"
				onClick={() => setReason(pot.verdict.kind === "THROW_AWAY" ? pot.verdict.reasons[0] : "")}
			>
				Throw it away …
			</Button>
		);
	}
	const problem = problemAt(throwAway.error, "reason");
	return (
		<Form
			noValidate
			className="mb-3"
			aria-label="Throw it away"
			onSubmit={(event) => {
				event.preventDefault();
				throwAway.mutate(reason);
			}}
		>
			<Form.Group controlId="reason" className="mb-2">
				<Form.Label>Why does it go?</Form.Label>
				<Form.Control
					value={reason}
					isInvalid={problem !== undefined}
					aria-describedby="reason-problem"
					onChange={(event) => setReason(event.target.value)}
				/>
				<Form.Control.Feedback type="invalid" id="reason-problem" role="alert">
					{problem}
				</Form.Control.Feedback>
			</Form.Group>
			<Button type="submit" variant="outline" disabled={throwAway.isPending}>
				Thrown away
			</Button>{" "}
			<Button variant="link" onClick={() => setReason(undefined)}>
				Keep it
			</Button>
			{throwAway.error && !problem && <ProblemNote error={throwAway.error} />}
		</Form>
	);
}
