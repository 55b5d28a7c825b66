import { Fragment } from "react";
import Form from "react-bootstrap/Form";
import { type Trouble, troubleAt } from "../../api/problem";
import type { Recipe } from "../../api/types";
import { Asked } from "../../shared/Asked";
import { ReadAs } from "../../shared/ReadAs";
import { WorkingMark } from "../../shared/WorkingMark";
import type { Draft } from "./draft";
import { SupplyRow } from "./SupplyRow";

type Props = {
	readonly recipe: Recipe;
	readonly draft: Draft;
	readonly error: unknown;
	readonly onChange: (part: Partial<Draft>) => void;
};

type Part = Recipe["amounts"][number];

/** How much of everything. What is fixed is what is typed; all others follow. */
export function AmountsTable({ recipe, draft, error, onChange }: Props) {
	const hold = (id: string, text: string | undefined) => {
		const { [id]: _, ...others } = draft.inHand;
		onChange({ inHand: text === undefined ? others : { ...others, [id]: text } });
	};
	const take = (id: string, bottles: string[] | undefined) => {
		const { [id]: _, ...others } = draft.from;
		onChange({ from: bottles === undefined ? others : { ...others, [id]: bottles } });
	};
	return (
		<table className="amounts">
			<caption className="visually-hidden">Amounts</caption>
			<tbody>
				{recipe.amounts.map((part, index) => (
					<Fragment key={part.id}>
						<AmountRow
							part={part}
							main={index === 0}
							inHand={draft.anchor === "IN_HAND" ? draft.inHand : undefined}
							problem={troubleAt(error, `inHand.${part.id}`) ?? (index === 0 ? troubleAt(error, "amount") : undefined)}
							read={error ? undefined : recipe.read[`inHand.${part.id}`]}
							onHold={hold}
						/>
						{part.already && (
							<Told>
								{part.already.words} <WorkingMark of={`${part.name} left over`} working={part.already.working} />
							</Told>
						)}
						{part.supply && <SupplyRow part={part} supply={part.supply} onFrom={(bottles) => take(part.id, bottles)} />}
					</Fragment>
				))}
				<tr>
					<th scope="row">
						Makes about <WorkingMark of="What to expect" working={recipe.makes.working} />
					</th>
					<td className="amount" data-part="makes">
						{draft.anchor === "WANTED" ? (
							<AmountField
								id="wanted"
								label="How much is wanted"
								value={draft.wanted ?? ""}
								problem={troubleAt(error, "wanted")}
								read={error ? undefined : recipe.read.wanted}
								onChange={(wanted) => onChange({ wanted })}
							/>
						) : (
							recipe.makes.text
						)}
					</td>
					<td className="also">
						{recipe.makes.also}
						{recipe.feeds && (
							<>
								<br />
								{recipe.feeds.text} <WorkingMark of="Feed it makes" working={recipe.feeds.working} />
							</>
						)}
					</td>
				</tr>
				{recipe.limit && (
					<Told>
						<b>{recipe.limit.words}</b> {recipe.leftovers.join(" · ")}{" "}
						<WorkingMark of="What runs out first" working={recipe.limit.working} />
					</Told>
				)}
				{[recipe.repeat, recipe.surplus].map(
					(told) =>
						told && (
							<Told key={told.words}>
								<b>{told.words}</b> <WorkingMark of={told.words} working={told.working} />
							</Told>
						),
				)}
				{recipe.deviation && (
					<Told>
						Rounded to what can be measured, a part is {recipe.deviation.text} off the exact ratio.{" "}
						<WorkingMark of="Deviation from the ratio" working={recipe.deviation.working} />
					</Told>
				)}
			</tbody>
		</table>
	);
}

function Told({ children }: { readonly children: React.ReactNode }) {
	return (
		<tr>
			<td colSpan={3}>{children}</td>
		</tr>
	);
}

type RowProps = {
	readonly part: Part;
	readonly main: boolean;
	readonly inHand?: Readonly<Record<string, string>>;
	readonly problem?: Trouble;
	readonly read?: string;
	readonly onHold: (id: string, text: string | undefined) => void;
};

function AmountRow({ part, main, inHand, problem, read, onHold }: RowProps) {
	const held = inHand?.[part.id];
	const typed = held !== undefined || (inHand !== undefined && main && Object.keys(inHand).length === 0);
	const material = part.material.toLowerCase() === part.name.toLowerCase() ? "" : part.material;
	return (
		<tr>
			<th scope="row">
				{part.name} <span className="soft">{main && part.id === "plant" ? "" : material}</span>{" "}
				<WorkingMark of={part.name} working={part.amount.working} />
			</th>
			<td className="amount" data-part={part.id}>
				{typed ? (
					<AmountField
						id={`in-hand-${part.id}`}
						label={`${part.name} in hand`}
						value={held ?? ""}
						problem={problem}
						read={read}
						onChange={(text) => onHold(part.id, text)}
					/>
				) : (
					part.amount.text
				)}
			</td>
			<td className="also">
				{[part.amount.also, ...part.also, part.note].filter(Boolean).join(" · ")}
				{inHand && part.scales && !main && (
					<>
						{" "}
						<button
							type="button"
							className="mark"
							onClick={() => onHold(part.id, typed ? undefined : part.amount.text)}
							aria-label={typed ? `Take ${part.name} as it is needed` : `I have only this much ${part.name}`}
						>
							{typed ? "as needed" : "have less?"}
						</button>
					</>
				)}
			</td>
		</tr>
	);
}

type FieldProps = {
	readonly id: string;
	readonly label: string;
	readonly value: string;
	readonly problem?: Trouble;
	readonly read?: string;
	readonly onChange: (value: string) => void;
};

function AmountField({ id, label, value, problem, read, onChange }: FieldProps) {
	return (
		<>
			<Form.Control
				aria-label={label}
				aria-describedby={`${id}-problem`}
				isInvalid={problem !== undefined}
				value={value}
				inputMode="text"
				autoComplete="off"
				onChange={(event) => onChange(event.target.value)}
			/>
			<div className="invalid-feedback" id={`${id}-problem`} role="alert">
				{problem?.words}
			</div>
			<ReadAs typed={value} read={read} />
			<Asked trouble={problem} onTake={onChange} />
		</>
	);
}
