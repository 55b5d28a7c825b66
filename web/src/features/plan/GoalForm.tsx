import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemFrom, troubleAt } from "../../api/problem";
import type { MethodCard, Plan } from "../../api/types";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { TypedBefore } from "../../shared/TypedBefore";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { useBook } from "../book";
import { firstOf } from "./goal";
import { useAddGoal } from "./queries";
import { TimesFields } from "./TimesFields";
import type { Wanted } from "./wanted";

const OF = [
	{ id: "brew", words: "of the brew" },
	{ id: "mix", words: "of a mix" },
] as const;

const BESIDE_A_FIELD = ["product", "amount", "strength", "by", "until", "everyDays"];

type Props = { readonly usual: Plan["usual"]; readonly wanted?: Partial<Wanted>; readonly onDone: () => void };

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
			<TimesFields goal={kept.typed} error={add.error} onChange={change} />
			{add.error && !(field && BESIDE_A_FIELD.includes(field)) && <ProblemNote error={add.error} />}
			<div className="actions">
				<Button type="submit" variant="primary" disabled={add.isPending}>
					Count back from it
				</Button>
			</div>
		</Form>
	);
}

/** Two brews of one title are told apart by how they are made. */
function named(brew: MethodCard, all: readonly MethodCard[]): string {
	const twins = all.filter((other) => other.title === brew.title);
	return twins.length > 1 ? `${brew.title}, ${brew.school.toLowerCase()}` : brew.title;
}
