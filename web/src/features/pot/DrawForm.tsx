import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Bottle, Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useWriteKey } from "../../shared/useWriteKey";
import { EarlyDecision } from "./EarlyDecision";
import { useDraw } from "./queries";

type Props = { readonly pot: Pot; readonly onBottled: (bottles: readonly Bottle[]) => void };

/** Draws from a pot that goes on working; topping up makes what is in it younger. */
export function DrawForm({ pot, onBottled }: Props) {
	const [volume, setVolume] = useState("");
	const [toppedUp, setToppedUp] = useState(true);
	const draw = useDraw(pot.summary.id);
	const key = useWriteKey();
	const send = (early: boolean) =>
		draw.mutate(
			key.keyed({ bottle: { volume, keepId: pot.bottling.keeps[0]?.id ?? "", guessed: false }, toppedUp, early }),
			{
				onSuccess: (bottle) => {
					key.renew();
					setVolume("");
					onBottled([bottle]);
				},
			},
		);
	const problem = troubleAt(draw.error, "bottle.volume");
	const early = draw.error && problemFrom(draw.error).code === "not-ready";
	return (
		<Form
			noValidate
			className="mb-3"
			aria-label="Draw what you need"
			onSubmit={(event) => {
				event.preventDefault();
				send(false);
			}}
		>
			<h2 className="mb-2">Draw what you need</h2>
			<TextField
				id="drawn"
				as="SMALL_VOLUME"
				label="As measured"
				value={volume}
				problem={problem}
				onChange={setVolume}
			/>
			<Form.Check
				id="topped-up"
				className="decision"
				checked={toppedUp}
				onChange={(event) => setToppedUp(event.target.checked)}
				label="As much water and weeds go in again"
			/>
			<Button type="submit" variant={pot.verdict.kind === "READY" ? "primary" : "outline"} disabled={draw.isPending}>
				Drawn: fill a bottle
			</Button>
			<EarlyDecision error={draw.error} words="Draw it early" onDecide={() => send(true)} />
			{draw.error && !problem && !early && <ProblemNote error={draw.error} />}
		</Form>
	);
}
