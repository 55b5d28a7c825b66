import { troubleAt } from "../../api/problem";
import type { PlantingRequest } from "../../api/types";
import { Options } from "../../shared/Options";
import { TextField } from "../../shared/TextField";

const STANDS = [
	{ id: "bed", words: "a bed" },
	{ id: "pots", words: "pots" },
] as const;

type Props = {
	readonly prefix: string;
	readonly value: PlantingRequest;
	readonly error: unknown;
	readonly onChange: (part: Partial<PlantingRequest>) => void;
};

/** What it stands in: so much ground, or so many pots of so much. */
export function GroundFields({ prefix, value: typed, error, onChange }: Props) {
	const inPots = typed.pots !== undefined;
	return (
		<>
			<Options
				label="It stands in"
				options={STANDS}
				value={inPots ? "pots" : "bed"}
				onChange={(stands) =>
					onChange(
						stands === "pots"
							? { area: undefined, pots: "", pot: "", soil: "POTTING_MIX" }
							: { area: "", pots: undefined, pot: undefined },
					)
				}
			/>
			{inPots ? (
				<div className="needs">
					<TextField
						id={`pots-${prefix}`}
						label="How many pots"
						value={typed.pots ?? ""}
						problem={troubleAt(error, "pots")}
						onChange={(pots) => onChange({ pots })}
					/>
					<TextField
						id={`pot-${prefix}`}
						as="LARGE_VOLUME"
						label="One holds"
						value={typed.pot ?? ""}
						problem={troubleAt(error, "pot")}
						onChange={(pot) => onChange({ pot })}
					/>
				</div>
			) : (
				<TextField
					id={`area-${prefix}`}
					as="AREA"
					label="Ground"
					value={typed.area ?? ""}
					problem={troubleAt(error, "area")}
					onChange={(area) => onChange({ area })}
				/>
			)}
		</>
	);
}
