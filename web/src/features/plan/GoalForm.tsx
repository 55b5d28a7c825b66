import { useQuery } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, problemFrom, troubleAt } from "../../api/problem";
import type { MethodCard, Plan } from "../../api/types";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { TypedBefore } from "../../shared/TypedBefore";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { WorkingMark } from "../../shared/WorkingMark";
import { useBook } from "../book";
import { needsQuery, useAddGoal } from "./queries";
import type { Wanted } from "./wanted";

const TIMES = [
	{ id: "once", words: "once" },
	{ id: "season", words: "again and again" },
] as const;

const OF = [
	{ id: "brew", words: "of the brew" },
	{ id: "mix", words: "of a mix" },
] as const;

const BESIDE_A_FIELD = ["product", "amount", "strength", "by", "until", "everyDays"];

type Props = { readonly usual: Plan["usual"]; readonly wanted?: Partial<Wanted>; readonly onDone: () => void };

type Goal = {
	readonly product: string;
	readonly amount: string;
	readonly strength: string;
	readonly of: "brew" | "mix";
	readonly times: "once" | "season";
	readonly by: string;
	readonly until: string;
	readonly every: string;
};

function firstOf(usual: Plan["usual"], wanted?: Partial<Wanted>): Goal {
	return {
		product: wanted?.product ?? usual.product,
		amount: wanted?.amount ?? "",
		strength: "",
		of: "brew",
		times: "once",
		by: wanted?.by ?? usual.by,
		until: usual.until,
		every: String(usual.everyDays),
	};
}

/** "This much of that brew by that day", once or over a season. */
export function GoalForm({ usual, wanted, onDone }: Props) {
	const book = useBook();
	const add = useAddGoal();
	const key = useWriteKey();
	const kept = useTyped(wanted ? undefined : "goal", firstOf(usual, wanted));
	const { change } = kept;
	const { product, amount, strength, of, times, by, until, every } = kept.typed;
	const brews = new Map(
		(book.data ?? []).flatMap((family) => family.methods).map((method) => [method.product, method] as const),
	);
	const weighed = of === "brew" && brews.get(product)?.solid === true;
	const send = (event: React.FormEvent) => {
		event.preventDefault();
		const season = times === "season";
		add.mutate(
			key.keyed({
				goal: {
					product,
					amount,
					by,
					strength: of === "mix" ? strength : undefined,
					until: season ? until : undefined,
					everyDays: season ? every : undefined,
				},
			}),
			{
				onSuccess: () => {
					key.renew();
					kept.letGo();
					onDone();
				},
			},
		);
	};
	const field = add.error ? problemFrom(add.error).field : undefined;
	return (
		<Form className="goal-form" onSubmit={send} noValidate aria-label="Want something">
			<TypedBefore since={kept.since} onLetGo={kept.letGo} />
			<Form.Group controlId="goal-product">
				<Form.Label>Brew</Form.Label>
				<Form.Select value={product} onChange={(event) => change({ product: event.target.value })}>
					{[...brews].map(([id, method]) => (
						<option key={id} value={id}>
							{named(method, [...brews.values()])}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<TextField
				id="goal-amount"
				as={weighed ? "SOLID" : "LIQUID"}
				label="How much each time"
				value={amount}
				problem={troubleAt(add.error, "amount")}
				hint="such as 800 mL, 40 L or 6 kg"
				onChange={(told) => change({ amount: told })}
			/>
			<Options label="Of what" options={OF} value={of} onChange={(what) => change({ of: what })} />
			{of === "mix" && (
				<TextField
					id="goal-strength"
					as="STRENGTH"
					label="Strength of the mix"
					value={strength}
					problem={troubleAt(add.error, "strength")}
					hint="such as 1:100"
					onChange={(told) => change({ strength: told })}
				/>
			)}
			<Options label="How often" options={TIMES} value={times} onChange={(often) => change({ times: often })} />
			<DayField
				id="goal-by"
				label={times === "once" ? "By" : "First"}
				value={by}
				problem={problemAt(add.error, "by")}
				onChange={(day) => change({ by: day })}
			/>
			{times === "season" && (
				<>
					<DayField
						id="goal-until"
						label="Last"
						value={until}
						problem={problemAt(add.error, "until")}
						onChange={(day) => change({ until: day })}
					/>
					<TextField
						id="goal-every"
						label="Every so many days"
						value={every}
						problem={troubleAt(add.error, "everyDays")}
						onChange={(days) => change({ every: days })}
					/>
					<FromBeds
						product={product}
						onTake={(need) => change({ amount: need.amount, every: String(need.everyDays), of: "brew" })}
					/>
				</>
			)}
			{add.error && !(field && BESIDE_A_FIELD.includes(field)) && <ProblemNote error={add.error} />}
			<div className="actions">
				<Button type="submit" variant="primary" disabled={add.isPending}>
					Count back from it
				</Button>
			</div>
		</Form>
	);
}

type DayProps = {
	readonly id: string;
	readonly label: string;
	readonly value: string;
	readonly problem?: string;
	readonly onChange: (day: string) => void;
};

function DayField({ id, label, value, problem, onChange }: DayProps) {
	return (
		<Form.Group controlId={id}>
			<Form.Label>{label}</Form.Label>
			<Form.Control
				type="date"
				value={value}
				isInvalid={problem !== undefined}
				aria-describedby={`${id}-problem`}
				onChange={(event) => onChange(event.target.value)}
			/>
			<Form.Control.Feedback type="invalid" id={`${id}-problem`} role="alert">
				{problem}
			</Form.Control.Feedback>
		</Form.Group>
	);
}

type BedsProps = {
	readonly product: string;
	readonly onTake: (need: { amount: string; everyDays: number }) => void;
};

/** The amount and rhythm that the beds would drink it in. */
function FromBeds({ product, onTake }: BedsProps) {
	const needs = useQuery(needsQuery(product));
	if (!needs.data) {
		return null;
	}
	const need = needs.data;
	return (
		<p className="soft">
			Your beds ({need.plantings.join(", ")}) would drink {need.amount} every {need.everyDays} days{" "}
			<WorkingMark of="What the beds drink" working={need.working} />{" "}
			<Button variant="link" className="px-0" onClick={() => onTake(need)}>
				take that
			</Button>
		</p>
	);
}

/** Two brews of one title are told apart by how they are made. */
function named(brew: MethodCard, all: readonly MethodCard[]): string {
	const twins = all.filter((other) => other.title === brew.title);
	return twins.length > 1 ? `${brew.title}, ${brew.school.toLowerCase()}` : brew.title;
}
