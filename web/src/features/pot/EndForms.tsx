import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, problemFrom } from "../../api/problem";
import type { Bottle, Pot } from "../../api/types";
import { Cautions } from "../../shared/FindingNote";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useWriteKey } from "../../shared/useWriteKey";
import { WorkingMark } from "../../shared/WorkingMark";
import { useStrain, useThrowAway, useUseUp, useWring } from "./queries";

type Props = { readonly pot: Pot; readonly onBottled: (bottle: Bottle) => void };

const ONWARD: ReadonlySet<Pot["exit"]> = new Set(["WRING", "GO_ON"]);
const STORED: ReadonlySet<Pot["exit"]> = new Set(["STRAIN", "STORE", "USE"]);

/** What ends a stage: wring it out, strain it into a bottle, or throw it away. */
export function EndForms({ pot, onBottled }: Props) {
	return (
		<>
			{ONWARD.has(pot.exit) && <OnwardForm pot={pot} />}
			{pot.exit === "BURY" || pot.exit === "USE" ? <UseUpForm pot={pot} /> : null}
			{STORED.has(pot.exit) && <StrainForm pot={pot} onBottled={onBottled} />}
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

type EarlyWrite = ReturnType<typeof useWring>;
type ActProps = {
	readonly title: string;
	readonly words: string;
	readonly done: string;
	readonly early: string;
	readonly ready: boolean;
	readonly act: EarlyWrite;
};

/** One act that ends a stage, and the decision to do it early. */
function ActForm({ title, words, done, early, ready, act }: ActProps) {
	const tooEarly = act.error && problemFrom(act.error).code === "not-ready";
	return (
		<section className="mb-3">
			<h2>{title}</h2>
			<p className="small soft">{words}</p>
			<Button variant={ready ? "primary" : "outline"} disabled={act.isPending} onClick={() => act.mutate(false)}>
				{done}
			</Button>
			<EarlyDecision error={act.error} words={early} onDecide={() => act.mutate(true)} />
			{act.error && !tooEarly && <ProblemNote error={act.error} />}
		</section>
	);
}

function OnwardForm({ pot }: { readonly pot: Pot }) {
	const wrings = pot.exit === "WRING";
	return (
		<ActForm
			title={wrings ? "Wring it out" : "On to the next stage"}
			words={
				wrings
					? `Wring the leaves out by hand; the liquid goes back into ${pot.summary.code} and works on alone.`
					: `It goes on in ${pot.summary.code}, as the steps of its recipe say.`
			}
			done={wrings ? "Wrung out: liquid is back" : "Done: it goes on"}
			early={wrings ? "Wring it early" : "Go on early"}
			ready={pot.verdict.kind === "READY"}
			act={useWring(pot.summary.id)}
		/>
	);
}

function UseUpForm({ pot }: { readonly pot: Pot }) {
	const buries = pot.exit === "BURY";
	return (
		<ActForm
			title={buries ? "Bury it" : "Use it now"}
			words={
				buries
					? "30 to 45 cm deep, under 20 to 25 cm of soil; plant there after 14 to 28 days."
					: "It doesn't keep: pour it out where it is wanted, or fill a bottle for the next hours."
			}
			done={buries ? "Buried" : "Poured out"}
			early={buries ? "Bury it early" : "Use it early"}
			ready={pot.verdict.kind === "READY"}
			act={useUseUp(pot.summary.id)}
		/>
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
			<h2 className="mb-2">{pot.bottling.solid ? "Take it out and keep it" : "Strain and bottle"}</h2>
			<Form.Group controlId="strained" className="mb-2">
				<Form.Label>{pot.bottling.solid ? "What came out, as weighed" : "What came out, as measured"}</Form.Label>
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
						<WorkingMark of="What to expect" working={pot.bottling.expected.working} />
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
				{pot.bottling.solid ? "Taken out: fill a tub" : "Strained: fill a bottle"}
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
			<div className="mb-2">
				<TextField id="reason" label="Why does it go?" value={reason} problem={problem} onChange={setReason} />
			</div>
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
