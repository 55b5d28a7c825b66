import { useState } from "react";
import Button from "react-bootstrap/Button";
import { useNavigate } from "react-router";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useTakeBack } from "./queries";

type Props = { readonly pot: Pot; readonly onTaken: () => void };

/** The way back from what was done to the wrong pot: plain within the hour, with a reason later. */
export function TakeBack({ pot, onTaken }: Props) {
	const navigate = useNavigate();
	const [reason, setReason] = useState("");
	const [asking, setAsking] = useState(false);
	const takeBack = useTakeBack(pot.summary.id);
	const last = pot.takeBack;
	if (!last) {
		return null;
	}
	const send = () =>
		takeBack.mutate(reason, {
			onSuccess: (now) => {
				onTaken();
				navigate(`/pots/${now.summary.id}`);
			},
		});
	if (last.wantsReason && !asking) {
		return (
			<Button variant="link" className="small px-0" onClick={() => setAsking(true)}>
				Was that a mistake? {last.words}
			</Button>
		);
	}
	const told = takeBack.error && problemFrom(takeBack.error).field === "reason";
	return (
		<section className="note mt-2" aria-label="Take it back">
			<b>Wrong pot?</b>
			<div>
				{last.words}
				{last.wantsReason && (
					<TextField
						id="take-back-reason"
						label="Why it is taken back"
						value={reason}
						problem={troubleAt(takeBack.error, "reason")}
						hint="for the log: it is more than an hour ago"
						onChange={setReason}
					/>
				)}
				<div className="actions">
					<Button variant="outline" disabled={takeBack.isPending} onClick={send}>
						{last.act}
					</Button>
				</div>
				{takeBack.error && !told && <ProblemNote error={takeBack.error} />}
			</div>
		</section>
	);
}
