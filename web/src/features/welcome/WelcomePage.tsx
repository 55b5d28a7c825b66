import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link, useNavigate } from "react-router";
import { answer, client } from "../../api/client";
import { problemFrom } from "../../api/problem";
import type { Garden, Welcome, WelcomeAnswers } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useGarden } from "../garden";
import { BringGarden } from "./BringGarden";
import { FourQuestions } from "./FourQuestions";
import { KeptSafe } from "./KeptSafe";

const welcomeQuery = queryOptions({
	queryKey: ["welcome", "get"],
	queryFn: () => answer(client.GET("/api/welcome")),
});

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

/** What most gardens would answer, and what this one has answered before. */
function usualAnswers(garden: Garden, welcome: Welcome): WelcomeAnswers {
	const first = !garden.welcomed;
	return {
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
	};
}

function Questions({ garden, welcome }: { readonly garden: Garden; readonly welcome: Welcome }) {
	const navigate = useNavigate();
	const queryClient = useQueryClient();
	const first = !garden.welcomed;
	const [answers, setAnswers] = useState(() => usualAnswers(garden, welcome));
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
			<FourQuestions garden={garden} welcome={welcome} answers={answers} error={send.error} onChange={change} />
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
