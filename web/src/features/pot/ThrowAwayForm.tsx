import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt } from "../../api/problem";
import type { Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useThrowAway } from "./queries";

type Props = {
	readonly pot: Pot;
	/** Whether it is open from the start, with what spoilt it as the reason. */
	readonly open?: boolean;
};

/** Throws a pot away, with the reason: one will want to know. */
export function ThrowAwayForm({ pot, open = false }: Props) {
	const told = pot.verdict.kind === "THROW_AWAY" ? pot.verdict.reasons[0] : "";
	const [reason, setReason] = useState(open ? told : undefined);
	const throwAway = useThrowAway(pot.summary.id);
	if (reason === undefined) {
		return (
			<Button variant="link" className="mb-2" onClick={() => setReason(told)}>
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
				<TextField
					id="reason"
					label="Why are you throwing it away?"
					value={reason}
					problem={problem}
					onChange={setReason}
				/>
			</div>
			<Button type="submit" variant={open ? "danger" : "outline"} disabled={throwAway.isPending}>
				Log as thrown away
			</Button>{" "}
			{!open && (
				<Button variant="link" onClick={() => setReason(undefined)}>
					Cancel
				</Button>
			)}
			{throwAway.error && !problem && <ProblemNote error={throwAway.error} />}
		</Form>
	);
}
