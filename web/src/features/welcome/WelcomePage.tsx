import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link, useNavigate } from "react-router";
import { answer, client } from "../../api/client";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Garden, Welcome, WelcomeAnswers } from "../../api/types";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useGarden } from "../garden";
import { BringGarden } from "./BringGarden";
import { KeptSafe } from "./KeptSafe";
import { OwnMeasures } from "./OwnMeasures";

const welcomeQuery = queryOptions({
	queryKey: ["welcome", "get"],
	queryFn: () => answer(client.GET("/api/welcome")),
});

const UNITS = [
	{ id: "METRIC", words: "grams and litres" },
	{ id: "US", words: "ounces and US gallons" },
] as const;

/** The first run: four questions with defaults, then straight to the first pot. */
export function WelcomePage() {
	const garden = useGarden();
	const welcome = useQuery(welcomeQuery);
	if (garden.isPending || welcome.isPending) {
		return <p className="pots">Unlocking the gate …</p>;
	}
	if (!garden.data || !welcome.data) {
		return (
			<div className="pots">
				<ProblemNote error={garden.error ?? welcome.error} />
			</div>
		);
	}
	return (
		<>
			<Questions garden={garden.data} welcome={welcome.data} />
			{garden.data.welcomed ? <KeptSafe garden={garden.data} /> : <BringGarden />}
		</>
	);
}

function hereOr(zone: string, zones: readonly string[]): string {
	const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
	return zones.includes(here) ? here : zone;
}

/** How the clock of this browser is read; 24 hours are the garden's own until somebody says so. */
function usedTo(clockface: Garden["clockface"]): Garden["clockface"] {
	return Intl.DateTimeFormat(undefined, { hour: "numeric" }).resolvedOptions().hour12 ? "HOURS_12" : clockface;
}

function Questions({ garden, welcome }: { readonly garden: Garden; readonly welcome: Welcome }) {
	const navigate = useNavigate();
	const queryClient = useQueryClient();
	const first = !garden.welcomed;
	const [answers, setAnswers] = useState<WelcomeAnswers>({
		name: garden.name,
		units: garden.units,
		tap: garden.tap,
		clockface: first ? usedTo(garden.clockface) : garden.clockface,
		zone: first ? hereOr(garden.zone, welcome.zones) : garden.zone,
		climate: garden.climate,
		latitude: garden.latitude === undefined ? "" : String(garden.latitude),
		canLift: garden.canLift,
		places: welcome.places.map((_, index) => index),
		vessels: welcome.vessels.map((_, index) => index),
		version: garden.version,
	});
	const send = useMutation({
		mutationFn: ({ body }: { readonly body: WelcomeAnswers; readonly then: string }) =>
			answer(client.PUT("/api/welcome", { body })),
		// Here, not where it is sent: once the garden is asked anew, this page may be gone.
		onSuccess: async (_, { then }) => {
			await queryClient.invalidateQueries();
			navigate(then);
		},
	});
	const keep = (then: string) => send.mutate({ body: answers, then });
	const change = (part: Partial<WelcomeAnswers>) => setAnswers((before) => ({ ...before, ...part }));
	const usual = welcome.climates.find((climate) => climate.id === answers.climate);
	const told = send.error && problemFrom(send.error).field !== undefined;
	return (
		<Form
			noValidate
			className="welcome"
			onSubmit={(event) => {
				event.preventDefault();
				keep(first ? "/pots/new?door=have" : "/pots");
			}}
		>
			<h1>{first ? "Welcome to your garden" : "About your garden"}</h1>
			{first && <WhatItDoes />}
			<p className="soft">
				Four questions, answered as most gardens would. Change what is different; all of it can be changed later.
			</p>
			<ol className="questions">
				<li>
					<h2>What do you measure with?</h2>
					<Options label="Units" options={UNITS} value={answers.units} onChange={(units) => change({ units })} />
					<p className="mt-3 mb-1">And how you read a clock:</p>
					<Options
						label="How you read a clock"
						options={welcome.clocks}
						value={answers.clockface ?? garden.clockface}
						onChange={(clockface) => change({ clockface })}
					/>
					<OwnMeasures sizes={garden.sizes} />
				</li>
				<li>
					<h2>What does the tap carry?</h2>
					<Form.Group controlId="tap">
						<Form.Label visuallyHidden>What the tap carries</Form.Label>
						<Form.Select
							value={answers.tap}
							onChange={(event) => change({ tap: event.target.value as WelcomeAnswers["tap"] })}
						>
							{welcome.taps.map((tap) => (
								<option key={tap.id} value={tap.id}>
									{tap.words}
								</option>
							))}
						</Form.Select>
						<Form.Text>
							Chlorine kills the culture. Your water supplier says which it is; where nobody knows, both are dealt with.
						</Form.Text>
					</Form.Group>
				</li>
				<li>
					<h2>Where is it?</h2>
					<div className="own-grid">
						<TextField
							id="garden-name"
							label="What you call it"
							value={answers.name}
							problem={troubleAt(send.error, "name")}
							onChange={(name) => change({ name })}
						/>
						<TextField
							id="zone"
							label="Time zone"
							value={answers.zone}
							problem={troubleAt(send.error, "zone")}
							hint="the city nearest to you in your zone: type a part of its name"
							known={welcome.zones}
							onChange={(zone) => change({ zone })}
						/>
						<Form.Group controlId="climate">
							<Form.Label>Climate</Form.Label>
							<Form.Select
								value={answers.climate}
								onChange={(event) => change({ climate: event.target.value as WelcomeAnswers["climate"] })}
							>
								{welcome.climates.map((climate) => (
									<option key={climate.id} value={climate.id}>
										{climate.words}
									</option>
								))}
							</Form.Select>
						</Form.Group>
						<TextField
							id="latitude"
							label="Latitude"
							value={answers.latitude ?? ""}
							problem={troubleAt(send.error, "latitude")}
							hint={`for sunrise and sunset, such as 51.5 or 33 S; left empty: ${usual?.latitude ?? ""}° N, usual for this climate`}
							onChange={(latitude) => change({ latitude })}
						/>
					</div>
				</li>
				<li>
					<h2>What can you lift?</h2>
					<TextField
						id="can-lift"
						label="How much can you lift with both hands?"
						value={answers.canLift}
						problem={troubleAt(send.error, "canLift")}
						hint={`${welcome.usualLift} for most people; a bucket that has to be carried is filled no further`}
						onChange={(canLift) => change({ canLift })}
					/>
				</li>
			</ol>
			{first && (
				<div className="own-grid">
					<Ticks
						title="Places you have"
						all={welcome.places}
						chosen={answers.places ?? []}
						onChange={(places) => change({ places })}
					/>
					<Ticks
						title="Vessels you have"
						all={welcome.vessels}
						chosen={answers.vessels ?? []}
						onChange={(vessels) => change({ vessels })}
					/>
				</div>
			)}
			<div className="actions">
				<Button type="submit" variant="primary" disabled={send.isPending}>
					{first ? "On to the first pot" : "Keep these answers"}
				</Button>
				{first && (
					<Button variant="outline" disabled={send.isPending} onClick={() => keep("/pots/standing")}>
						Pots stand here already
					</Button>
				)}
			</div>
			{send.error && !told && <ProblemNote error={send.error} />}
		</Form>
	);
}

/** In three sentences, before anything is asked. */
function WhatItDoes() {
	return (
		<>
			<p>
				It tells how much goes into which jar, when it will be ready on your shelf, and whether it is still good. Each
				day it walks you past the pots that want hands, and asks what you see. What is ready it mixes for your plants,
				by your own can, and says when to feed and when to wait.
			</p>
			<p className="soft">
				<Link className="in-line" to="/guide">
					The guide
				</Link>{" "}
				shows how to begin. To look around first: <code>./mellow demo --port 8081</code> opens a garden of many pots,
				apart from yours.
			</p>
		</>
	);
}

type TicksProps = {
	readonly title: string;
	readonly all: readonly string[];
	readonly chosen: readonly number[];
	readonly onChange: (chosen: number[]) => void;
};

function Ticks({ title, all, chosen, onChange }: TicksProps) {
	return (
		<fieldset className="ticks">
			<legend>{title}</legend>
			{all.map((words, index) => (
				<Form.Check
					key={words}
					id={`${title}-${index}`.replaceAll(" ", "-")}
					className="decision"
					label={words}
					checked={chosen.includes(index)}
					onChange={(event) =>
						onChange(event.target.checked ? [...chosen, index] : chosen.filter((one) => one !== index))
					}
				/>
			))}
		</fieldset>
	);
}
