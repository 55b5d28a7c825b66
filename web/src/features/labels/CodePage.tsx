import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link, useNavigate, useParams } from "react-router";
import { problemFrom } from "../../api/problem";
import type { CodeHolds } from "../../api/types";
import { calendarDay, dayAndTime, type Wall } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { useGarden } from "../garden";
import { ScanButton, useGoToCode } from "../scan";
import { AtHand } from "./AtHand";
import { FindField } from "./FindField";
import { codeQuery } from "./queries";

/** Which bucket is this? Type or scan a code, and a day, and get what it holds or held. */
export function CodePage() {
	const { code = "" } = useParams();
	const navigate = useNavigate();
	const garden = useGarden().data;
	const [typed, setTyped] = useState(code);
	const [day, setDay] = useState("");
	const holds = useQuery(codeQuery(code, day));
	const goTo = useGoToCode();
	const lost = holds.error !== null && problemFrom(holds.error).status === 0;
	if (!garden) {
		return <p className="pots">Turning the lid over …</p>;
	}
	return (
		<div className="pots narrow-page">
			{code === "" && (
				<>
					<h1>Find</h1>
					<ScanButton onCode={goTo} />
					<FindField />
				</>
			)}
			{code === "" ? <h2 className="mt-4">Which bucket was this, on a day?</h2> : <h1>Which bucket is this?</h1>}
			<Form
				noValidate
				className="code-form"
				onSubmit={(event) => {
					event.preventDefault();
					navigate(`/codes/${encodeURIComponent(typed.trim().toUpperCase())}`);
				}}
			>
				<Form.Group controlId="code">
					<Form.Label>Code on body or lid</Form.Label>
					<Form.Control
						value={typed}
						autoComplete="off"
						autoCapitalize="characters"
						maxLength={8}
						onChange={(event) => setTyped(event.target.value)}
					/>
				</Form.Group>
				<Form.Group controlId="code-day">
					<Form.Label>On</Form.Label>
					<Form.Control
						type="date"
						max={garden.today}
						value={day || garden.today}
						onChange={(event) => setDay(event.target.value)}
					/>
				</Form.Group>
				<Button type="submit" variant="primary" disabled={typed.trim() === ""}>
					Look
				</Button>
			</Form>
			{holds.error && <ProblemNote error={holds.error} />}
			{lost && <AtHand code={code} />}
			{holds.data && <Holds holds={holds.data} today={garden.today} wall={garden} />}
		</div>
	);
}

type HoldsProps = { readonly holds: CodeHolds; readonly today: string; readonly wall: Wall };

function Holds({ holds, today, wall }: HoldsProps) {
	const now = holds.day === today;
	if (holds.bottle) {
		return (
			<section aria-label={holds.code} className="mt-3">
				<h2>
					<Tag code={holds.code} /> {holds.bottle.name}
				</h2>
				<p>
					{holds.bottle.level} left · {holds.bottle.useByWords} · {holds.bottle.keptWords}
					{holds.bottle.place && ` · stands: ${holds.bottle.place}`}
				</p>
				<p className="label-line">{holds.bottle.labelLine}</p>
				{holds.bottle.batchId && (
					<Link className="btn btn-outline" to={`/pots/${holds.bottle.batchId}`}>
						The pot it came from
					</Link>
				)}
			</section>
		);
	}
	return (
		<section aria-label={holds.code} className="mt-3">
			<h2>
				<Tag code={holds.code} /> {holds.what}
			</h2>
			<p>
				{now ? "Today it holds" : `On ${calendarDay(holds.day)} it held`}
				{holds.onDay.length === 0 && " nothing."}
			</p>
			<HeldList held={holds.onDay} wall={wall} />
			{holds.ever.length > 0 && <h3 className="mt-3">Everything it has held</h3>}
			<HeldList held={holds.ever} wall={wall} />
		</section>
	);
}

function HeldList({ held, wall }: { readonly held: CodeHolds["ever"]; readonly wall: Wall }) {
	return (
		<ul className="card-lines">
			{held.map((one) => (
				<li key={one.id}>
					<Link to={`/pots/${one.id}`}>{one.name}</Link>{" "}
					<small className="soft">
						{one.title.toLowerCase()}, set {dayAndTime(one.setAt, wall)}
						{one.endedAt ? `, ${one.how} ${dayAndTime(one.endedAt, wall)}` : ", works"}
					</small>
				</li>
			))}
		</ul>
	);
}
