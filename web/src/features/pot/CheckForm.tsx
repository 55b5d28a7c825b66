import { type ReactNode, useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { useSearchParams } from "react-router";
import type { LogEntry, Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TypedBefore } from "../../shared/TypedBefore";
import { useTyped } from "../../shared/useTyped";
import { useGarden } from "../garden";
import type { Logged } from "./queries";
import { SensePad } from "./SensePad";
import { type Act, useLogging } from "./useLogging";
import { VisitActs } from "./VisitActs";
import { VisitFields } from "./VisitFields";
import { NOTHING } from "./visit";

type Props = {
	readonly pot: Pot;
	/** What the main button says after the act, such as "log, next stop". */
	readonly then?: string;
	/** What leads on from here, on the phone: it stands first under the thumb. */
	readonly lead?: ReactNode;
	/** Told with the pot as it is now, if something answered, and as it was before. */
	readonly onLogged?: (after: Logged, before: Pot) => void;
	/** An entry that this one stands in for; it opens with what was sensed there. */
	readonly corrects?: LogEntry;
};

/** What is told beside its field. */
const TOLD = /^(readings\.|note|replaced|when|drained)/;

/** One visit: what was sensed, read and done, in big buttons. Enter logs what is usually done. */
export function CheckForm({ pot, then = "log it", lead, onLogged, corrects }: Props) {
	const brought = useSearchParams()[0].get("note") ?? "";
	const kept = useTyped(corrects || brought ? undefined : `visit to ${pot.summary.id}`, {
		...NOTHING,
		signs: corrects?.signs ?? {},
		note: brought,
	});
	const visit = kept.typed;
	const wall = useGarden().data;
	const [noting, setNoting] = useState(visit.note !== "" || visit.when !== "");
	const { check, log, problem, odd } = useLogging({
		pot,
		visit,
		corrects,
		onLogged: (after) => {
			kept.letGo();
			setNoting(false);
			onLogged?.(after, pot);
		},
	});
	const main = mainAct(pot);
	return (
		<Form
			noValidate
			aria-label="Log a visit"
			onSubmit={(event) => {
				event.preventDefault();
				log(main);
			}}
		>
			<TypedBefore since={kept.since} wall={wall} onLetGo={kept.letGo} />
			<SensePad
				pot={pot}
				visit={visit}
				error={odd ? undefined : check.error}
				onChange={kept.change}
				onEnter={() => log(main)}
			/>
			<VisitFields pot={pot} visit={visit} noting={noting} error={check.error} onChange={kept.change} />
			{odd && <OddReading words={odd.detail} onRight={() => log(main, [odd.code])} />}
			<VisitActs
				pot={pot}
				main={main}
				then={then}
				lead={lead}
				pending={check.isPending}
				pictured={!corrects}
				noting={noting}
				onAct={log}
				onNote={() => setNoting(true)}
			/>
			{check.isSuccess && check.data === undefined && <KeptHere />}
			{problem && !odd && !TOLD.test(problem.field ?? "") && <ProblemNote error={check.error} />}
		</Form>
	);
}

/** What is due now, or else what a visit usually does. */
function mainAct(pot: Pot): Act {
	return pot.tasks.find((task) => task.act !== undefined)?.act ?? pot.usualAct;
}

function KeptHere() {
	return (
		<div className="note warn" role="status">
			<b>Kept here</b>
			<span>Nothing answers. The visit is kept on this device and sent by itself, once.</span>
		</div>
	);
}

/** A reading that can be but is odd is asked about before it is stored. */
function OddReading({ words, onRight }: { readonly words: string; readonly onRight: () => void }) {
	return (
		<div className="note warn" role="alert">
			<b>Odd</b>
			<span>
				{words}
				<br />
				<Button variant="outline" className="mt-2" onClick={onRight}>
					It is right: log it
				</Button>
			</span>
		</div>
	);
}
