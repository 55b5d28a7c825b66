import { useQuery } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import { problemAt, troubleAt } from "../../api/problem";
import { DayField } from "../../shared/DayField";
import { Options } from "../../shared/Options";
import { TextField } from "../../shared/TextField";
import { WorkingMark } from "../../shared/WorkingMark";
import type { Goal } from "./goal";
import { needsQuery } from "./queries";

const TIMES = [
	{ id: "once", words: "once" },
	{ id: "season", words: "again and again" },
] as const;

type Props = {
	readonly goal: Goal;
	readonly error: unknown;
	readonly onChange: (part: Partial<Goal>) => void;
};

/** By when it is wanted, once or over a season. */
export function TimesFields({ goal, error, onChange }: Props) {
	const { product, times, by, until, every } = goal;
	return (
		<>
			<Options label="How often" options={TIMES} value={times} onChange={(often) => onChange({ times: often })} />
			<DayField
				id="goal-by"
				label={times === "once" ? "By" : "First"}
				value={by}
				problem={problemAt(error, "by")}
				onChange={(day) => onChange({ by: day })}
			/>
			{times === "season" && (
				<>
					<DayField
						id="goal-until"
						label="Last"
						value={until}
						problem={problemAt(error, "until")}
						onChange={(day) => onChange({ until: day })}
					/>
					<TextField
						id="goal-every"
						label="Every so many days"
						value={every}
						problem={troubleAt(error, "everyDays")}
						onChange={(days) => onChange({ every: days })}
					/>
					<FromBeds
						product={product}
						onTake={(need) => onChange({ amount: need.amount, every: String(need.everyDays), of: "brew" })}
					/>
				</>
			)}
		</>
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
