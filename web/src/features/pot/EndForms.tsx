import Button from "react-bootstrap/Button";
import { problemFrom } from "../../api/problem";
import type { Bottle, Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { DrawForm } from "./DrawForm";
import { EarlyDecision } from "./EarlyDecision";
import { MoveForms } from "./MoveForms";
import { useHold, useUseUp, useWring } from "./queries";
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
			{pot.exit === "BURY" || pot.exit === "USE" ? <UseUpForm pot={pot} /> : null}
			{pot.toppedUp && <DrawForm pot={pot} onBottled={onBottled} />}
			{STORED.has(pot.exit) && <StrainForm pot={pot} onBottled={onBottled} />}
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
