import Form from "react-bootstrap/Form";
import type { Crop } from "../../api/types";
import { Options } from "../../shared/Options";

type Traits = Pick<Crop, "touched" | "ironSensitive" | "saltSensitive">;
type Habit = Pick<Crop, "appetite" | "soil" | "eaten"> & Traits;

type Choice<T> = readonly { readonly id: T; readonly words: string }[];

const APPETITES: Choice<Crop["appetite"]> = [
	{ id: "LIGHT", words: "light feeder" },
	{ id: "MEDIUM", words: "medium" },
	{ id: "HEAVY", words: "heavy feeder" },
];

const SOILS: Choice<Crop["soil"]> = [
	{ id: "SANDY", words: "sandy" },
	{ id: "LOAM", words: "loam" },
	{ id: "CLAY", words: "clay" },
	{ id: "POTTING_MIX", words: "potting mix" },
];

const EATEN: Choice<Crop["eaten"]> = [
	{ id: "RAW", words: "eaten raw" },
	{ id: "COOKED", words: "cooked first" },
	{ id: "NOT", words: "not eaten" },
];

/** What a crop bears and how it grows, each a yes or no. */
const TRAITS: Choice<keyof Traits> = [
	{ id: "touched", words: "Soil or spray wets the part that is eaten" },
	{ id: "ironSensitive", words: "Iron-sensitive" },
	{ id: "saltSensitive", words: "Bears little salt" },
];

type Props = {
	readonly prefix: string;
	readonly value: Habit;
	readonly onChange: (part: Partial<Habit>) => void;
};

/** How a crop or planting lives and is eaten: what the rules of feeding ask about. */
export function Habits({ prefix, value, onChange }: Props) {
	return (
		<>
			<Options
				label="Appetite"
				options={APPETITES}
				value={value.appetite}
				onChange={(appetite) => onChange({ appetite })}
			/>
			<Options label="Soil" options={SOILS} value={value.soil} onChange={(soil) => onChange({ soil })} />
			<Options label="Eaten" options={EATEN} value={value.eaten} onChange={(eaten) => onChange({ eaten })} />
			{TRAITS.map((trait) => (
				<Form.Check
					key={trait.id}
					id={`${trait.id}-${prefix}`}
					className="decision"
					checked={value[trait.id]}
					onChange={(event) => onChange({ [trait.id]: event.target.checked })}
					label={trait.words}
				/>
			))}
		</>
	);
}
