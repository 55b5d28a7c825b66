import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt } from "../../api/problem";
import type { Door, Received } from "../../api/types";
import { dayOf, shortDayAndTime, type Wall } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useGarden } from "../garden";
import { useMay } from "../people";
import { useDoor, useMakeToken, usePreviewReadings, useRevoke, useSettle, useTakeReadings } from "./queries";
import { StandIns } from "./StandIns";

/** The open door for readings: real instruments by HTTP, files, and what was held back for a look. */
export function ReadingsPage() {
	const garden = useGarden().data;
	const door = useDoor();
	if (!door.data || !garden) {
		return <div className="pots">{door.error ? <ProblemNote error={door.error} /> : "Opening the door …"}</div>;
	}
	return (
		<div className="page-two">
			<section className="main" aria-label="Readings">
				<h1>Readings from outside</h1>
				<Held held={door.data.held} wall={garden} />
				<TakeFile columns={door.data.columns} />
			</section>
			<section className="side" aria-label="Who sends readings">
				<StandIns garden={garden} />
				<Tokens tokens={door.data.tokens} wall={garden} />
			</section>
		</div>
	);
}

function Held({ held, wall }: { readonly held: Door["held"]; readonly wall: Wall }) {
	const settle = useSettle();
	return (
		<>
			<h2>Waiting for you</h2>
			{held.length === 0 && (
				<p className="soft">Nothing waits. Readings that can't be right, or match no pot, wait here.</p>
			)}
			<ul className="card-lines">
				{held.map((one) => (
					<li key={one.id}>
						<b>
							{one.reading.code} {one.reading.meter} {one.reading.value}
						</b>{" "}
						<small className="soft">
							{one.reading.at || "no moment told"} · came {shortDayAndTime(one.receivedAt, wall)}
						</small>
						<br />
						{one.why}
						<div className="actions">
							<Button
								variant="outline"
								aria-label={`Take ${one.reading.code} ${one.reading.meter} ${one.reading.value} all the same`}
								onClick={() => settle.mutate({ id: one.id, take: true })}
							>
								It is right: take it
							</Button>
							<Button
								variant="link"
								aria-label={`Drop ${one.reading.code} ${one.reading.meter} ${one.reading.value}`}
								onClick={() => settle.mutate({ id: one.id, take: false })}
							>
								Drop it
							</Button>
						</div>
					</li>
				))}
			</ul>
			{settle.error && <ProblemNote error={settle.error} />}
		</>
	);
}

function TakeFile({ columns }: { readonly columns: readonly string[] }) {
	const [text, setText] = useState("");
	const preview = usePreviewReadings();
	const take = useTakeReadings();
	return (
		<Form
			noValidate
			aria-label="Import a file of readings"
			className="mt-4"
			onSubmit={(event) => {
				event.preventDefault();
				take.reset();
				preview.mutate(text);
			}}
		>
			<h2>Import a file</h2>
			<Form.Group controlId="readings-file">
				<Form.Label>CSV with the columns {columns.join(", ")}</Form.Label>
				<Form.Control as="textarea" rows={5} value={text} onChange={(event) => setText(event.target.value)} />
				<Form.Text>
					code: on the vessel · meter: thermometer, ph, ec, brix, oxygen or scale · at: such as 2026-05-20T08:10:00Z, or
					without Z in your own time
				</Form.Text>
			</Form.Group>
			<div className="actions">
				<Button type="submit" variant="outline" disabled={preview.isPending || text.trim() === ""}>
					Check it first
				</Button>
				{preview.data && !take.data && (
					<Button
						variant="outline"
						disabled={take.isPending}
						onClick={() => take.mutate(text, { onSuccess: () => setText("") })}
					>
						Import
					</Button>
				)}
			</div>
			{(take.data ?? preview.data) && <Outcome received={take.data ?? preview.data} done={take.data !== undefined} />}
			{(preview.error ?? take.error) && <ProblemNote error={preview.error ?? take.error} />}
		</Form>
	);
}

function Outcome({ received, done }: { readonly received?: Received; readonly done: boolean }) {
	if (!received) {
		return null;
	}
	return (
		<div role="status">
			<p className="mb-1">
				<b>{done ? `${received.good} taken in` : `${received.good} can be taken in`}</b>
				{received.known > 0 && `, ${received.known} known already`}
				{received.held > 0 && `, ${received.held} ${done ? "held" : "to be held"} back`}
			</p>
			<ul className="small">
				{received.rows
					.filter((row) => row.why !== "")
					.slice(0, 12)
					.map((row) => (
						<li key={row.reading.code + row.reading.meter + row.reading.value + row.reading.at}>
							{row.reading.code} {row.reading.meter} {row.reading.value}: {row.why}
						</li>
					))}
			</ul>
		</div>
	);
}

type TokensProps = { readonly tokens: Door["tokens"]; readonly wall: Wall };

function Tokens({ tokens, wall }: TokensProps) {
	const owner = useMay("OWNER");
	const [name, setName] = useState("");
	const [days, setDays] = useState("");
	const make = useMakeToken();
	const revoke = useRevoke();
	const problem = problemAt(make.error, "name");
	return (
		<section aria-labelledby="tokens-title" className="mt-4">
			<h2 id="tokens-title">Who may send</h2>
			<ul className="card-lines">
				{tokens.map((token) => (
					<li key={token.id} className={token.revoked ? "soft" : undefined}>
						{token.name}
						{token.scope === "CALENDAR" && ", reads the plan"}
						{token.expiresAt && ` · until ${dayOf(token.expiresAt, wall)}`}
						{token.revoked && " · revoked"}
						{!token.revoked && owner && (
							<Button variant="link" aria-label={`Revoke ${token.name}`} onClick={() => revoke.mutate(token.id)}>
								revoke
							</Button>
						)}
					</li>
				))}
			</ul>
			{owner && (
				<Form
					noValidate
					aria-label="Let an instrument send"
					onSubmit={(event) => {
						event.preventDefault();
						make.mutate({ name, days }, { onSuccess: () => setName("") });
					}}
				>
					<TextField
						id="token-name"
						label="Another instrument"
						value={name}
						problem={problem}
						hint="such as: probe on the shelf"
						onChange={setName}
					/>
					<Form.Group controlId="token-days">
						<Form.Label>It counts</Form.Label>
						<Form.Select value={days} onChange={(event) => setDays(event.target.value)}>
							<option value="">until it is revoked</option>
							<option value="30">for 30 days</option>
							<option value="90">for 90 days</option>
							<option value="365">for a year</option>
						</Form.Select>
					</Form.Group>
					<div className="actions">
						<Button type="submit" variant="outline" disabled={make.isPending}>
							Give it a token
						</Button>
					</div>
				</Form>
			)}
			{make.data && (
				<div className="note" role="status">
					<b>Once</b>
					<span>
						Its token, shown this once: <code className="token">{make.data.token}</code>
					</span>
				</div>
			)}
			<p className="small soft">
				It sends <code>POST /api/readings</code> with the head <code>Authorization: Bearer …</code> and a list such as{" "}
				<code>{'[{"code":"J4","meter":"ph","value":"3.9","at":"2026-05-20T08:10:00Z"}]'}</code>.
			</p>
			{(make.error && !problem) || revoke.error ? <ProblemNote error={make.error ?? revoke.error} /> : null}
		</section>
	);
}
