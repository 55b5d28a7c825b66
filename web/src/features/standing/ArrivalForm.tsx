import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import { problemFrom } from "../../api/problem";
import type { ArrivalChoice, Pot } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { usePlaces } from "../places";
import { InWhat } from "./InWhat";
import { arrivalOf, FIRST, type Line } from "./line";
import { useArrive } from "./queries";
import { SinceAndFull } from "./SinceAndFull";
import { WhatItIs } from "./WhatItIs";

type Props = {
	readonly choices: readonly ArrivalChoice[];
	readonly onArrived: (pot: Pot) => void;
};

/** One line: what it is, since when, how full, in what, where. Shape, size and place stay for the next. */
export function ArrivalForm({ choices, onArrived }: Props) {
	const { typed: line, change, letGo } = useTyped<Line>("arrival", FIRST);
	const places = usePlaces().data ?? [];
	const arrive = useArrive();
	const key = useWriteKey();
	const chosen = choices[line.choice];
	const usual = places.find((place) => place.outdoors === chosen?.outdoors) ?? places[0];
	if (!chosen) {
		return null;
	}
	const send = () =>
		arrive.mutate(key.keyed(arrivalOf(line, chosen, usual?.id)), {
			onSuccess: (pot) => {
				key.renew();
				letGo({ ...line, code: "", vesselId: "", stage: 0 });
				onArrived(pot);
			},
		});
	const told = arrive.error && problemFrom(arrive.error).field !== undefined;
	return (
		<Form
			noValidate
			className="arrival"
			aria-label="Let it in"
			onSubmit={(event) => {
				event.preventDefault();
				send();
			}}
		>
			<WhatItIs choices={choices} chosen={chosen} line={line} onChange={change} />
			<SinceAndFull line={line} error={arrive.error} onChange={change} />
			<InWhat chosen={chosen} line={line} usualPlace={usual?.id} error={arrive.error} onChange={change} />
			<div className="actions">
				<Button type="submit" variant="primary" disabled={arrive.isPending}>
					It stands here
				</Button>
				<Link className="btn btn-outline" to="/round">
					That is all
				</Link>
			</div>
			{arrive.error && !told && <ProblemNote error={arrive.error} />}
		</Form>
	);
}
