import type { Bottle, MixRequest, Planting } from "../../api/types";
import { BottleDrawing } from "../../drawings/BottleDrawing";
import { moveFocus, Options } from "../../shared/Options";
import { Tag } from "../../shared/Tag";

type BottleProps = {
	readonly bottles: readonly Bottle[];
	readonly chosen: string;
	readonly onChoose: (id: string) => void;
};

/** The bottles in store, the one to use first on top. */
export function BottlePick({ bottles, chosen, onChoose }: BottleProps) {
	return (
		<>
			<h2>From which bottle?</h2>
			<div role="radiogroup" aria-label="Bottle" className="mb-3 mt-1">
				{bottles.map((bottle, index) => (
					// biome-ignore lint/a11y/useSemanticElements: a button in the role of a radio takes the whole row as its target
					<button
						key={bottle.id}
						type="button"
						role="radio"
						className="pick"
						aria-checked={bottle.id === chosen}
						tabIndex={bottle.id === chosen ? 0 : -1}
						onClick={() => onChoose(bottle.id)}
						onKeyDown={(event) => moveFocus(event, bottles, index, onChoose)}
					>
						<BottleDrawing share={bottle.levelShare} width={24} past={bottle.freshness === "PAST"} />
						<span>
							<b>{bottle.name}</b>
							<small>
								{bottle.level} · {bottle.soilOnly ? "soil only · " : ""}
								{bottle.useByWords}
							</small>
						</span>
						<Tag code={bottle.code} />
					</button>
				))}
			</div>
		</>
	);
}

type PlantingProps = {
	readonly plantings: readonly Planting[];
	readonly chosen: string;
	readonly onChoose: (id: string) => void;
};

/** The row for what is no planting of the garden. */
export const ANYTHING_ELSE = "anything-else";

/** What is to be fed; or just so much mix. */
export function PlantingPick({ plantings, chosen, onChoose }: PlantingProps) {
	const rows = [
		...plantings.map(({ id, name, size, stage }) => ({ id, name, words: `${size} · ${stage}` })),
		{ id: ANYTHING_ELSE, name: "Anything else", words: "say how much ground or mix" },
	];
	return (
		<>
			<h2>For which plants?</h2>
			<div role="radiogroup" aria-label="Plants" className="mb-3 mt-1">
				{rows.map((row, index) => {
					const checked = row.id === chosen;
					return (
						// biome-ignore lint/a11y/useSemanticElements: a button in the role of a radio takes the whole row as its target
						<button
							key={row.id}
							type="button"
							role="radio"
							className="pick"
							aria-checked={checked}
							tabIndex={checked ? 0 : -1}
							onClick={() => onChoose(row.id)}
							onKeyDown={(event) => moveFocus(event, rows, index, onChoose)}
						>
							<span aria-hidden="true">{checked ? "◉" : "○"}</span>
							<span>
								<b>{row.name}</b>
								<small>{row.words}</small>
							</span>
						</button>
					);
				})}
			</div>
		</>
	);
}

const TARGETS = [
	{ id: "SOIL", words: "Soil" },
	{ id: "SEEDLINGS", words: "Seedlings" },
	{ id: "LEAVES", words: "Leaves" },
] as const;

type TargetProps = {
	readonly chosen: MixRequest["target"];
	readonly onChoose: (target: MixRequest["target"]) => void;
};

/** Where it goes. */
export function TargetPick({ chosen, onChoose }: TargetProps) {
	return <Options label="Where it goes" options={TARGETS} value={chosen} onChange={onChoose} />;
}
