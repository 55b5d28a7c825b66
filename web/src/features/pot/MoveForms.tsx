import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { useNavigate } from "react-router";
import { problemAt, problemFrom } from "../../api/problem";
import type { Move, Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useWriteKey } from "../../shared/useWriteKey";
import { usePlaces } from "../places";
import { useVessels } from "../vessels";
import { useMove, useSplit } from "./queries";

/** Moving a pot to another place or under another lid, and splitting a part of it off: folded away until wanted. */
export function MoveForms({ pot }: { readonly pot: Pot }) {
	const [open, setOpen] = useState<"move" | "split">();
	return (
		<div className="mb-2">
			{open === undefined && (
				<>
					<Button variant="link" onClick={() => setOpen("move")}>
						Move it …
					</Button>{" "}
					<Button variant="link" onClick={() => setOpen("split")}>
						Split it …
					</Button>
				</>
			)}
			{open === "move" && <MoveForm pot={pot} onDone={() => setOpen(undefined)} />}
			{open === "split" && <SplitForm pot={pot} onDone={() => setOpen(undefined)} />}
		</div>
	);
}

type Props = { readonly pot: Pot; readonly onDone: () => void };

type Lid = NonNullable<Move["lid"]>;

function MoveForm({ pot, onDone }: Props) {
	const places = usePlaces().data ?? [];
	const others = places.filter((place) => place.id !== pot.summary.placeId);
	const [chosen, setChosen] = useState<string>();
	const [lid, setLid] = useState<Lid | "">("");
	const [confirmed, setConfirmed] = useState<readonly string[]>([]);
	const move = useMove(pot.summary.id);
	const placeId = chosen ?? others[0]?.id ?? "";
	const send = (passed: readonly string[]) => {
		setConfirmed(passed);
		move.mutate(
			{ placeId: placeId || undefined, lid: lid || undefined, confirmed: [...passed] },
			{ onSuccess: onDone },
		);
	};
	const change = <T,>(set: (value: T) => void) => {
		return (value: T) => {
			move.reset();
			setConfirmed([]);
			set(value);
		};
	};
	return (
		<Form
			noValidate
			aria-label="Move it"
			onSubmit={(event) => {
				event.preventDefault();
				send([]);
			}}
		>
			<Form.Group controlId="move-to" className="mb-2">
				<Form.Label>Where to</Form.Label>
				<Form.Select value={placeId} onChange={(event) => change(setChosen)(event.target.value)}>
					{others.map((place) => (
						<option key={place.id} value={place.id}>
							{place.name}, {place.temperature} now
						</option>
					))}
					<option value="">where it stands</option>
				</Form.Select>
				<Form.Text>From now on that place's warmth counts.</Form.Text>
			</Form.Group>
			<Form.Group controlId="lid" className="mb-2">
				<Form.Label>Its lid</Form.Label>
				<Form.Select value={lid} onChange={(event) => change(setLid)(event.target.value as Lid | "")}>
					<option value="">as it is: {pot.lid}</option>
					{pot.lids
						.filter((one) => one.words !== pot.lid)
						.map((one) => (
							<option key={one.id} value={one.id}>
								{one.words}
							</option>
						))}
				</Form.Select>
			</Form.Group>
			<Button type="submit" variant="outline" disabled={move.isPending || (!placeId && !lid)}>
				Moved
			</Button>{" "}
			<Button variant="link" onClick={onDone}>
				Leave it
			</Button>
			{move.error && <ProblemNote error={move.error} />}
			<AllTheSame error={move.error} words="Move it all the same" onDecide={(rule) => send([...confirmed, rule])} />
		</Form>
	);
}

type DecideProps = {
	readonly error: Error | null;
	readonly words: string;
	readonly onDecide: (rule: string) => void;
};

/** What is only unwise may be decided; that is noted. */
function AllTheSame({ error, words, onDecide }: DecideProps) {
	const finding = error ? problemFrom(error).finding : undefined;
	return finding?.severity === "CONFIRM" ? (
		<Button variant="outline" onClick={() => onDecide(finding.rule)}>
			{words}
		</Button>
	) : null;
}

function SplitForm({ pot, onDone }: Props) {
	const navigate = useNavigate();
	const free = (useVessels().data ?? []).filter((vessel) => !vessel.holds && !vessel.retiredOn);
	const [chosen, setChosen] = useState("");
	const [share, setShare] = useState("50");
	const split = useSplit(pot.summary.id);
	const key = useWriteKey();
	const vesselId = chosen || free[0]?.id || "";
	const problem = problemAt(split.error, "share");
	const [confirmed, setConfirmed] = useState<readonly string[]>([]);
	const send = (passed: readonly string[]) => {
		setConfirmed(passed);
		split.mutate(key.keyed({ vesselId, share, confirmed: [...passed] }), {
			onSuccess: (other) => navigate(`/pots/${other.summary.id}`),
		});
	};
	return (
		<Form
			noValidate
			aria-label="Split it"
			onSubmit={(event) => {
				event.preventDefault();
				send([]);
			}}
		>
			<Form.Group controlId="split-into" className="mb-2">
				<Form.Label>Into</Form.Label>
				<Form.Select value={vesselId} onChange={(event) => setChosen(event.target.value)}>
					{free.map((vessel) => (
						<option key={vessel.id} value={vessel.id}>
							{vessel.code}, {vessel.capacity} {vessel.kindWords}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<TextField id="share" label="What goes over, in percent" value={share} problem={problem} onChange={setShare} />
			<div className="actions">
				<Button type="submit" variant="outline" disabled={split.isPending || free.length === 0}>
					Split
				</Button>
				<Button variant="link" onClick={onDone}>
					Leave it
				</Button>
			</div>
			{split.error && !problem && <ProblemNote error={split.error} />}
			<AllTheSame error={split.error} words="Split it all the same" onDecide={(rule) => send([...confirmed, rule])} />
		</Form>
	);
}
