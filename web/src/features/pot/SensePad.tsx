import type { Meter, Pot } from "../../api/types";
import { MeterFields } from "./MeterFields";
import type { Visit } from "./visit";

type Props = {
	readonly pot: Pot;
	readonly visit: Visit;
	/** What is wrong with a reading. */
	readonly error: unknown;
	readonly onChange: (part: Partial<Visit>) => void;
	/** Enter logs from anywhere in the pad; the space bar chooses. */
	readonly onEnter: () => void;
};

/** What the senses and the meters say, in big buttons. */
export function SensePad({ pot, visit, error, onChange, onEnter }: Props) {
	return (
		// biome-ignore lint/a11y/noStaticElementInteractions: what is pressed is a button of the pad; it only decides what Enter means there
		<div
			className="senses"
			onKeyDown={(event) => {
				if (event.key === "Enter" && event.target instanceof Element && event.target.matches(".option")) {
					event.preventDefault();
					onEnter();
				}
			}}
		>
			{pot.senses.map((row) => (
				<SenseRow
					key={row.sense}
					question={row.question}
					signs={row.signs}
					chosen={visit.signs[row.sense]}
					onToggle={(sign) => onChange({ signs: toggled(visit.signs, row.sense, sign) })}
				/>
			))}
			<MeterFields
				potId={pot.summary.id}
				meters={pot.meters}
				values={visit.readings}
				simulated={new Set(visit.standIns)}
				error={error}
				onChange={(meter, text, simulated) =>
					onChange({
						readings: { ...visit.readings, [meter]: text },
						standIns: marked(visit.standIns, meter, simulated),
					})
				}
			/>
		</div>
	);
}

function toggled(signs: Visit["signs"], sense: string, sign: string): Visit["signs"] {
	const { [sense]: before, ...others } = signs;
	return before === sign ? others : { ...others, [sense]: sign };
}

function marked(standIns: Visit["standIns"], meter: Meter["meter"], simulated: boolean): Visit["standIns"] {
	const others = standIns.filter((one) => one !== meter);
	return simulated ? [...others, meter] : others;
}

type RowProps = {
	readonly question: string;
	readonly signs: Pot["senses"][number]["signs"];
	readonly chosen?: string;
	readonly onToggle: (sign: string) => void;
};

function SenseRow({ question, signs, chosen, onToggle }: RowProps) {
	const id = `sense-${question}`;
	return (
		<>
			<span id={id}>{question}</span>
			{/* biome-ignore lint/a11y/useSemanticElements: a fieldset can't be a cell of the pad's grid in every browser */}
			<div className="options" role="group" aria-labelledby={id}>
				{signs.map((sign) => (
					<button
						key={sign.id}
						type="button"
						className="option"
						aria-pressed={chosen === sign.id}
						onClick={() => onToggle(sign.id)}
					>
						{sign.words}
					</button>
				))}
			</div>
		</>
	);
}
