import Form from "react-bootstrap/Form";
import type { Recipe } from "../../api/types";
import { WorkingMark } from "../../shared/WorkingMark";
import type { Draft } from "./NewPotPage";

type Props = {
	readonly recipe: Recipe;
	readonly draft: Draft;
	readonly problem?: string;
	readonly onChange: (part: Partial<Draft>) => void;
};

/** How much of everything. The amount that is fixed is the one to type; all others follow. */
export function AmountsTable({ recipe, draft, problem, onChange }: Props) {
	return (
		<table className="amounts">
			<caption className="visually-hidden">Amounts</caption>
			<tbody>
				{recipe.amounts.map((part) => (
					<tr key={part.id}>
						<th scope="row">
							{part.name} <span className="soft">{part.id === "plant" ? "" : part.material}</span>{" "}
							<WorkingMark of={part.name} working={part.amount.working} />
						</th>
						<td className="amount" data-part={part.id}>
							{part.id === "plant" && draft.anchor === "IN_HAND" ? (
								<AmountField
									label="Weight of plant in hand"
									value={draft.plant}
									problem={problem}
									onChange={(plant) => onChange({ plant })}
								/>
							) : (
								part.amount.text
							)}
						</td>
						<td className="also">
							{part.amount.also}
							{part.byVolume && ` · ${part.byVolume}`}
						</td>
					</tr>
				))}
				<tr>
					<th scope="row">
						Makes about <WorkingMark of="Juice to expect" working={recipe.makes.working} />
					</th>
					<td className="amount" data-part="makes">
						{draft.anchor === "JUICE" ? (
							<AmountField
								label="Juice wanted"
								value={draft.juice}
								problem={problem}
								onChange={(juice) => onChange({ juice })}
							/>
						) : (
							recipe.makes.text
						)}
					</td>
					<td className="also">
						{recipe.makes.also}
						<br />
						{recipe.feeds.text} <WorkingMark of="Feed it makes" working={recipe.feeds.working} />
					</td>
				</tr>
				{problem && (
					<tr>
						<td colSpan={3}>
							<div className="invalid-feedback" id="amount-problem" role="alert">
								{problem}
							</div>
						</td>
					</tr>
				)}
				{recipe.deviation && (
					<tr>
						<td colSpan={3}>
							Rounded to your scale, the sugar is {recipe.deviation.text} off the exact ratio.{" "}
							<WorkingMark of="Deviation from the ratio" working={recipe.deviation.working} />
						</td>
					</tr>
				)}
			</tbody>
		</table>
	);
}

type FieldProps = {
	readonly label: string;
	readonly value: string;
	readonly problem?: string;
	readonly onChange: (value: string) => void;
};

function AmountField({ label, value, problem, onChange }: FieldProps) {
	return (
		<Form.Control
			aria-label={label}
			aria-describedby={problem ? "amount-problem" : undefined}
			isInvalid={problem !== undefined}
			value={value}
			inputMode="text"
			autoComplete="off"
			onChange={(event) => onChange(event.target.value)}
		/>
	);
}
