import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt } from "../../api/problem";
import type { Check, Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWriteKey } from "../../shared/useWriteKey";
import { useCheck } from "./queries";

type Act = Check["act"];

const ACTS: Readonly<Record<Act, string>> = {
	LOOKED: "Looked",
	STIRRED: "Stirred",
	VENTED: "Vented",
	TURNED: "Turned",
	DRAINED: "Drained",
	TOPPED_UP: "Topped up",
	SUGAR_ADDED: "Added sugar",
};

/** One visit: what was sensed and what was done, in big buttons. */
export function CheckForm({ pot }: { readonly pot: Pot }) {
	const [signs, setSigns] = useState<Record<string, string>>({});
	const [warmth, setWarmth] = useState("");
	const check = useCheck(pot.summary.id);
	const key = useWriteKey();

	const toggle = (sense: string, sign: string) =>
		setSigns(({ [sense]: before, ...others }) => (before === sign ? others : { ...others, [sense]: sign }));
	const log = (act: Act) =>
		check.mutate(
			{ key: key.current(), check: { act, signs, warmth } },
			{
				onSuccess: () => {
					key.renew();
					setSigns({});
					setWarmth("");
				},
			},
		);
	const warmthProblem = problemAt(check.error, "warmth");
	return (
		<Form
			noValidate
			aria-label="Log a visit"
			onSubmit={(event) => {
				event.preventDefault();
				log(pot.usualAct);
			}}
		>
			<div className="senses">
				{pot.senses.map((row) => (
					<SenseRow
						key={row.sense}
						question={row.question}
						signs={row.signs}
						chosen={signs[row.sense]}
						onToggle={(sign) => toggle(row.sense, sign)}
					/>
				))}
				<span id="warmth-label">Warmth</span>
				<div className="warmth">
					<Form.Control
						aria-labelledby="warmth-label"
						aria-describedby="warmth-problem"
						placeholder="19.5 °C"
						autoComplete="off"
						value={warmth}
						isInvalid={warmthProblem !== undefined}
						onChange={(event) => setWarmth(event.target.value)}
					/>
					<span className="soft small">of the pot itself, if you have a thermometer</span>
				</div>
			</div>
			{warmthProblem && (
				<div className="invalid-feedback" id="warmth-problem" role="alert">
					{warmthProblem}
				</div>
			)}
			<div className="actions">
				<Button type="submit" variant={pot.verdict.kind === "READY" ? "outline" : "primary"} disabled={check.isPending}>
					{ACTS[pot.usualAct]}: log it
				</Button>
				{pot.acts
					.filter((act) => act !== pot.usualAct)
					.map((act) => (
						<Button key={act} variant="outline" disabled={check.isPending} onClick={() => log(act)}>
							{ACTS[act]}
						</Button>
					))}
			</div>
			{check.error && !warmthProblem && <ProblemNote error={check.error} />}
		</Form>
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
