import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Arrival, ArrivalChoice, Pot } from "../../api/types";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { capital } from "../../shared/words";
import { PlaceSelect, usePlaces } from "../places";
import { useVessels, VesselKindSelect } from "../vessels";
import { useArrive } from "./queries";

const SINCE = [
	{ id: "today", words: "today" },
	{ id: "about a week ago", words: "a week" },
	{ id: "about three weeks ago", words: "three weeks" },
	{ id: "about three months ago", words: "three months" },
	{ id: "nobody knows", words: "nobody knows" },
] as const;

const FULL = [
	{ id: "full", words: "full" },
	{ id: "three quarters", words: "¾" },
	{ id: "half", words: "half" },
	{ id: "a quarter", words: "¼" },
] as const;

type Line = {
	/** The place of the choice in the list, for one way can be told twice. */
	readonly choice: number;
	readonly since: string;
	readonly full: string;
	readonly vesselId: string;
	readonly code: string;
	readonly kind?: Arrival["kind"];
	readonly capacity: string;
	readonly placeId: string;
	readonly stage: number;
};

const FIRST: Line = {
	choice: 0,
	since: "about three weeks ago",
	full: "three quarters",
	vesselId: "",
	code: "",
	capacity: "20 L",
	placeId: "",
	stage: 0,
};

type Props = {
	readonly choices: readonly ArrivalChoice[];
	readonly onArrived: (pot: Pot) => void;
};

/** One line: what it is, since when, how full, in what, where. Shape, size and place stay for the next. */
export function ArrivalForm({ choices, onArrived }: Props) {
	const { typed: line, change, letGo } = useTyped<Line>("arrival", FIRST);
	const vessels = useVessels().data ?? [];
	const places = usePlaces().data ?? [];
	const arrive = useArrive();
	const key = useWriteKey();
	const chosen = choices[line.choice];
	const usual = places.find((place) => place.outdoors === chosen?.outdoors) ?? places[0];
	const free = vessels.filter((vessel) => !vessel.holds && !vessel.retiredOn);
	if (!chosen) {
		return null;
	}
	const send = () =>
		arrive.mutate(key.keyed(arrivalOf(line, chosen)), {
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
			<Form.Group controlId="what">
				<Form.Label>What is it?</Form.Label>
				<Form.Select
					value={line.choice}
					onChange={(event) => change({ choice: Number(event.target.value), kind: undefined, stage: 0 })}
				>
					<optgroup label="By what one sees">
						<Choices choices={choices} plain />
					</optgroup>
					<optgroup label="By its name">
						<Choices choices={choices} plain={false} />
					</optgroup>
				</Form.Select>
			</Form.Group>
			{chosen.stages.length > 0 && (
				<Options
					label="How far it is"
					options={chosen.stages.map((words, index) => ({ id: String(index), words: words.toLowerCase() }))}
					value={String(line.stage)}
					onChange={(stage) => change({ stage: Number(stage) })}
				/>
			)}
			<TextField
				id="standing-since"
				as="PAST"
				label="Since when?"
				value={line.since}
				problem={troubleAt(arrive.error, "since")}
				onChange={(since) => change({ since })}
			/>
			<Options label="Since about" options={SINCE} value={line.since} onChange={(since) => change({ since })} />
			<TextField
				id="standing-full"
				label="How full?"
				value={line.full}
				problem={troubleAt(arrive.error, "full")}
				onChange={(full) => change({ full })}
			/>
			<Options label="About how full" options={FULL} value={line.full} onChange={(full) => change({ full })} />
			<div className="own-grid">
				<Form.Group controlId="standing-in">
					<Form.Label>In what?</Form.Label>
					<Form.Select value={line.vesselId} onChange={(event) => change({ vesselId: event.target.value })}>
						<option value="">not in the list yet</option>
						{free.map((vessel) => (
							<option key={vessel.id} value={vessel.id}>
								{vessel.code}, {vessel.capacity} {vessel.kindWords}
							</option>
						))}
					</Form.Select>
				</Form.Group>
				{line.vesselId === "" && (
					<>
						<VesselKindSelect
							id="standing-kind"
							value={line.kind ?? chosen.kind}
							onChange={(kind) => change({ kind })}
						/>
						<TextField
							id="standing-size"
							as="LARGE_VOLUME"
							label="It holds about"
							value={line.capacity}
							problem={troubleAt(arrive.error, "capacity")}
							onChange={(capacity) => change({ capacity })}
						/>
						<TextField
							id="standing-code"
							label="Code on it"
							value={line.code}
							problem={troubleAt(arrive.error, "code")}
							hint="the next free one, where there is none yet"
							onChange={(code) => change({ code })}
						/>
					</>
				)}
				<PlaceSelect
					id="standing-place"
					label="Where?"
					value={line.placeId || (usual?.id ?? "")}
					onChange={(placeId) => change({ placeId })}
				/>
			</div>
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

	function arrivalOf(told: Line, choice: ArrivalChoice): Arrival {
		const fresh = told.vesselId === "";
		return {
			methodId: choice.methodId,
			name: choice.plain ? capital(choice.words) : undefined,
			since: told.since,
			full: told.full,
			vesselId: fresh ? undefined : told.vesselId,
			code: fresh ? told.code || undefined : undefined,
			kind: fresh ? (told.kind ?? choice.kind) : undefined,
			capacity: fresh ? told.capacity : undefined,
			placeId: told.placeId || usual?.id,
			stage: told.stage,
		};
	}
}

function Choices({ choices, plain }: { readonly choices: readonly ArrivalChoice[]; readonly plain: boolean }) {
	return choices.map((choice, index) =>
		choice.plain === plain ? (
			<option key={choice.words} value={index}>
				{choice.words}
			</option>
		) : null,
	);
}
