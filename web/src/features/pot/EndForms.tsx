import Button from "react-bootstrap/Button";
import { useNavigate } from "react-router";
import { problemFrom } from "../../api/problem";
import type { Bottle, Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWriteKey } from "../../shared/useWriteKey";
import { DrawForm } from "./DrawForm";
import { EarlyDecision } from "./EarlyDecision";
import { MoveForms } from "./MoveForms";
import { useHold, useStrain, useUseUp, useWring } from "./queries";
import { StrainForm } from "./StrainForm";
import { ThrowAwayForm } from "./ThrowAwayForm";

type Props = { readonly pot: Pot; readonly onBottled: (bottles: readonly Bottle[]) => void };

const ONWARD: ReadonlySet<Pot["exit"]> = new Set(["WRING", "GO_ON"]);
const STORED: ReadonlySet<Pot["exit"]> = new Set(["STRAIN", "STORE", "USE"]);

/** What to do with it now: wring it out, draw from it, strain it, move it, or throw it away. */
export function EndForms({ pot, onBottled }: Props) {
	return (
		<div id="end">
			{ONWARD.has(pot.exit) && <OnwardForm pot={pot} />}
			{pot.exit === "BURY" && <BuryForm pot={pot} />}
			{pot.exit === "USE" && <UseNowForm pot={pot} />}
			{pot.toppedUp && <DrawForm pot={pot} onBottled={onBottled} />}
			{STORED.has(pot.exit) && <StrainForm key={pot.summary.id} pot={pot} onBottled={onBottled} />}
			<HoldForm pot={pot} />
			<MoveForms pot={pot} />
			{pot.verdict.kind !== "THROW_AWAY" && <ThrowAwayForm pot={pot} />}
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

function BuryForm({ pot }: { readonly pot: Pot }) {
	return (
		<ActForm
			title="Bury it"
			words="30 to 45 cm deep, under 20 to 25 cm of soil; plant there after 14 to 28 days."
			done="Buried"
			early="Bury it early"
			ready={pot.verdict.kind === "READY"}
			act={useUseUp(pot.summary.id)}
		/>
	);
}

/** What doesn't keep goes into the can: what plants get counts for their next feed. */
function UseNowForm({ pot }: { readonly pot: Pot }) {
	const navigate = useNavigate();
	const strain = useStrain(pot.summary.id);
	const elsewhere = useUseUp(pot.summary.id);
	const key = useWriteKey();
	const intoTheCan = (early: boolean) => {
		const bottle = { volume: pot.bottling.expected.text, keepId: pot.bottling.keeps[0]?.id ?? "", guessed: true };
		strain.mutate(key.keyed({ bottles: [bottle], early, residueStays: false, rescue: false }), {
			onSuccess: (filled) => navigate(`/mix?bottle=${filled[0]?.id}`),
		});
	};
	const failure = strain.error ?? elsewhere.error;
	const tooEarly = failure !== null && problemFrom(failure).code === "not-ready";
	return (
		<section className="mb-3" aria-label="Use it now">
			<h2>Use it now</h2>
			<p className="small soft">
				It doesn't keep. Into the can it goes with its hours: Mix asks which plants get it, and their next feed counts
				from there.
			</p>
			<div className="actions">
				<Button
					variant={pot.verdict.kind === "READY" ? "primary" : "outline"}
					disabled={strain.isPending}
					onClick={() => intoTheCan(false)}
				>
					Into the can, for plants
				</Button>
				<Button variant="outline" disabled={elsewhere.isPending} onClick={() => elsewhere.mutate(false)}>
					Poured where no plants grow
				</Button>
			</div>
			<EarlyDecision error={strain.error} words="Use it early" onDecide={() => intoTheCan(true)} />
			<EarlyDecision error={elsewhere.error} words="Pour it out early" onDecide={() => elsewhere.mutate(true)} />
			{failure && !tooEarly && <ProblemNote error={failure} />}
		</section>
	);
}

/** What is ready may stay in its vessel: it is no longer asked for until it is past its best. */
function HoldForm({ pot }: { readonly pot: Pot }) {
	const hold = useHold(pot.summary.id);
	if (pot.verdict.kind !== "READY" || pot.state !== "WORKING" || pot.toppedUp || ONWARD.has(pot.exit)) {
		return null;
	}
	return (
		<p className="mb-2">
			<Button variant="outline" disabled={hold.isPending} onClick={() => hold.mutate()}>
				Leave it standing
			</Button>
			{hold.error && <ProblemNote error={hold.error} />}
		</p>
	);
}
