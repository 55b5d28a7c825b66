import { type ReactNode, useRef, useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { useSearchParams } from "react-router";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Check, LogEntry, Meter, Pot } from "../../api/types";
import { CameraSign } from "../../drawings/CameraSign";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { TypedBefore } from "../../shared/TypedBefore";
import { useNarrow } from "../../shared/useNarrow";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { capital } from "../../shared/words";
import { useGarden } from "../garden";
import { isLed } from "./Leading";
import { MeterFields } from "./MeterFields";
import { PictureButton } from "./PictureButton";
import { type Logged, useCheck } from "./queries";
import { NOTHING, type Visit } from "./visit";

type Act = Check["act"];

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

const ODD = /^odd-reading-/;

/** One visit: what was sensed, read and done, in big buttons. Enter logs what is usually done. */
export function CheckForm({ pot, then = "log it", lead, onLogged, corrects }: Props) {
	const brought = useSearchParams()[0].get("note") ?? "";
	const {
		typed: visit,
		change,
		letGo,
		since,
	} = useTyped(corrects || brought ? undefined : `visit to ${pot.summary.id}`, {
		...NOTHING,
		signs: corrects?.signs ?? {},
		note: brought,
	});
	const wall = useGarden().data;
	const [noting, setNoting] = useState(visit.note !== "" || visit.when !== "");
	const check = useCheck(pot.summary.id, pot.summary.name);
	const key = useWriteKey();
	const main = mainAct(pot);

	const narrow = useNarrow();
	const [all, setAll] = useState(false);
	const others = pot.acts.filter((one) => one.act !== main);
	const shown = narrow && !all ? others.slice(0, lead ? 0 : 1) : others;

	const busy = useRef(false);
	/** One visit at a time: what comes before the answer is the same tap again. */
	const log = (act: Act, confirmed: string[] = []) => {
		if (busy.current) {
			return;
		}
		busy.current = true;
		check.mutate(key.keyed({ check: { ...checkOf(act, visit), confirmed, corrects: corrects?.id } }), {
			onSuccess: (after) => {
				key.renew();
				letGo();
				setNoting(false);
				onLogged?.(after, pot);
			},
			onSettled: () => {
				busy.current = false;
			},
		});
	};
	const problem = check.error ? problemFrom(check.error) : undefined;
	const odd = problem && ODD.test(problem.code) ? problem : undefined;
	const told = problem?.field !== undefined && /^(readings\.|note|replaced|when|drained)/.test(problem.field);
	return (
		<Form
			noValidate
			aria-label="Log a visit"
			onSubmit={(event) => {
				event.preventDefault();
				log(main);
			}}
		>
			<TypedBefore since={since} wall={wall} onLetGo={letGo} />
			{/* biome-ignore lint/a11y/noStaticElementInteractions: what is pressed is a button of the pad; it only decides what Enter means there */}
			<div
				className="senses"
				onKeyDown={(event) => {
					// Enter logs from anywhere in the pad; the space bar chooses.
					if (event.key === "Enter" && event.target instanceof Element && event.target.matches(".option")) {
						event.preventDefault();
						log(main);
					}
				}}
			>
				{pot.senses.map((row) => (
					<SenseRow
						key={row.sense}
						question={row.question}
						signs={row.signs}
						chosen={visit.signs[row.sense]}
						onToggle={(sign) => change({ signs: toggled(visit.signs, row.sense, sign) })}
					/>
				))}
				<MeterFields
					potId={pot.summary.id}
					meters={pot.meters}
					values={visit.readings}
					simulated={new Set(visit.standIns)}
					error={odd ? undefined : check.error}
					onChange={(meter, text, simulated) =>
						change({
							readings: { ...visit.readings, [meter]: text },
							standIns: marked(visit.standIns, meter, simulated),
						})
					}
				/>
			</div>
			{pot.drains && (
				<TextField
					id="drained"
					as="SMALL_VOLUME"
					label={`What drained off: ${pot.drains.name}`}
					value={visit.drained}
					problem={troubleAt(check.error, "drained")}
					hint={`goes into a can or a bottle of its own: ${pot.drains.strength} on soil, ${pot.drains.keeps}; empty for down the drain`}
					onChange={(drained) => change({ drained })}
				/>
			)}
			{pot.toppedUp && (
				<TextField
					id="replaced"
					label="Topped up: how much did you replace? (%)"
					value={visit.replaced}
					problem={troubleAt(check.error, "replaced")}
					hint="only when you top up: it makes what is in it younger"
					onChange={(replaced) => change({ replaced })}
				/>
			)}
			{noting && (
				<TextField
					id="visit-when"
					as="PAST"
					label="When, if not now"
					value={visit.when}
					problem={troubleAt(check.error, "when")}
					hint="such as “yesterday at 8”"
					onChange={(when) => change({ when })}
				/>
			)}
			{noting && (
				<TextField
					id="note"
					label="Note"
					value={visit.note}
					problem={troubleAt(check.error, "note")}
					onChange={(note) => change({ note })}
				/>
			)}
			{odd && <OddReading words={odd.detail} onRight={() => log(main, [odd.code])} />}
			<div className="actions">
				{lead}
				<Button type="submit" variant={isLed(pot) ? "outline" : "primary"} disabled={check.isPending}>
					{wordsOf(pot, main)}, {then}
					<kbd className="in-button">Enter</kbd>
				</Button>
				{shown.map((one) => (
					<Button key={one.act} variant="outline" disabled={check.isPending} onClick={() => log(one.act)}>
						{capital(one.words)}
					</Button>
				))}
				{narrow && !corrects && (
					<PictureButton pot={pot.summary} label={`Take a picture of ${pot.summary.name}`} camera>
						<CameraSign />
					</PictureButton>
				)}
				{narrow && !all ? (
					<Button variant="outline" aria-label="More to log" aria-expanded={false} onClick={() => setAll(true)}>
						…
					</Button>
				) : (
					!noting && (
						<Button variant="link" onClick={() => setNoting(true)}>
							add a note, or another day …
						</Button>
					)
				)}
			</div>
			{check.isSuccess && check.data === undefined && (
				<div className="note warn" role="status">
					<b>Kept here</b>
					<span>Nothing answers. The visit is kept on this device and sent by itself, once.</span>
				</div>
			)}
			{problem && !odd && !told && <ProblemNote error={check.error} />}
		</Form>
	);
}

/** What is due now, or else what a visit usually does. */
function mainAct(pot: Pot): Act {
	return pot.tasks.find((task) => task.act !== undefined)?.act ?? pot.usualAct;
}

function wordsOf(pot: Pot, act: Act): string {
	return capital(pot.acts.find((one) => one.act === act)?.words ?? "looked");
}

function toggled(signs: Visit["signs"], sense: string, sign: string): Visit["signs"] {
	const { [sense]: before, ...others } = signs;
	return before === sign ? others : { ...others, [sense]: sign };
}

function marked(standIns: Visit["standIns"], meter: Meter["meter"], simulated: boolean): Visit["standIns"] {
	const others = standIns.filter((one) => one !== meter);
	return simulated ? [...others, meter] : others;
}

function checkOf(act: Act, visit: Visit): Check {
	return {
		act,
		signs: { ...visit.signs },
		readings: { ...visit.readings },
		standIns: [...visit.standIns],
		note: visit.note,
		when: visit.when || undefined,
		drained: visit.drained || undefined,
		replaced: act === "TOPPED_UP" ? visit.replaced : "",
		confirmed: [],
	};
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

type RowProps = {
	readonly question: string;
	readonly signs: Pot["senses"][number]["signs"];
	readonly chosen?: string;
	readonly onToggle: (sign: string) => void;
};

function SenseRow({ question, signs, chosen, onToggle }: RowProps) {
	const id = `sense-${question}`;
	return (
		<>
			<span id={id}>{question}</span>
			{/* biome-ignore lint/a11y/useSemanticElements: a fieldset can't be a cell of the pad's grid in every browser */}
			<div className="options" role="group" aria-labelledby={id}>
				{signs.map((sign) => (
					<button
						key={sign.id}
						type="button"
						className="option"
						aria-pressed={chosen === sign.id}
						onClick={() => onToggle(sign.id)}
					>
						{sign.words}
					</button>
				))}
			</div>
		</>
	);
}
