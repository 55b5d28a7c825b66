import { troubleAt } from "../../api/problem";
import type { Draft, DraftRequest } from "../../api/types";
import { TextField } from "../../shared/TextField";

type Props = {
	/** What the method begins from, as the book has it. */
	readonly beginning: Draft;
	readonly typed: DraftRequest;
	readonly error: unknown;
	readonly onChange: (part: Partial<DraftRequest>) => void;
};

/** How much of each part. */
export function OwnParts({ beginning, typed, error, onChange }: Props) {
	return (
		<>
			<h2 className="mt-3">Parts</h2>
			<div className="own-grid">
				{beginning.parts.map((part) => (
					<TextField
						key={part.id}
						id={`own-part-${part.id}`}
						label={`${part.name}, ${part.unit}`}
						value={typed.amounts?.[part.id] ?? ""}
						problem={troubleAt(error, `amounts.${part.id}`)}
						hint={`${part.value} in the book, ${part.markWords}`}
						onChange={(value) => onChange({ amounts: { ...typed.amounts, [part.id]: value } })}
					/>
				))}
			</div>
		</>
	);
}

/** How long each stage takes. */
export function OwnTimes({ beginning, typed, error, onChange }: Props) {
	return (
		<>
			{beginning.stages.length > 0 && <h2 className="mt-3">Time, in days</h2>}
			{beginning.stages.map((stage) => (
				<div key={stage.id} className="own-grid">
					<TextField
						id={`own-least-${stage.id}`}
						label={`${stage.name}: earliest`}
						value={typed.windows?.[stage.id]?.least ?? ""}
						problem={troubleAt(error, `windows.${stage.id}`)}
						hint={`${stage.least} to ${stage.most} in the book, ${stage.markWords}`}
						onChange={(least) =>
							onChange({
								windows: { ...typed.windows, [stage.id]: { least, most: typed.windows?.[stage.id]?.most ?? "" } },
							})
						}
					/>
					<TextField
						id={`own-most-${stage.id}`}
						label={`${stage.name}: latest`}
						value={typed.windows?.[stage.id]?.most ?? ""}
						onChange={(most) =>
							onChange({
								windows: { ...typed.windows, [stage.id]: { least: typed.windows?.[stage.id]?.least ?? "", most } },
							})
						}
					/>
				</div>
			))}
		</>
	);
}

/** How far it is diluted for each use. */
export function OwnStrengths({ beginning, typed, error, onChange }: Props) {
	return (
		<>
			{beginning.uses.length > 0 && <h2 className="mt-3">Strength, parts of water to one</h2>}
			<div className="own-grid">
				{beginning.uses.map((use) => (
					<TextField
						key={use.target}
						id={`own-use-${use.target}`}
						label={`On ${use.words}`}
						value={typed.strengths?.[use.target] ?? ""}
						problem={troubleAt(error, `strengths.${use.target}`)}
						hint={`${use.water} in the book, ${use.markWords}`}
						onChange={(value) => onChange({ strengths: { ...typed.strengths, [use.target]: value } })}
					/>
				))}
			</div>
		</>
	);
}
