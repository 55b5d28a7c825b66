import type { Bottle, MixRequest, Planting } from "../../api/types";
import { BottleDrawing } from "../../drawings/BottleDrawing";
import { Options } from "../../shared/Options";
import { RadioCards } from "../../shared/RadioCards";
import { Tag } from "../../shared/Tag";
import { WorkingMark } from "../../shared/WorkingMark";

const LOOK = { group: "mb-3 mt-1", card: "pick" };

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
			<RadioCards label="Bottle" cards={bottles} value={chosen} onChange={onChoose} look={LOOK}>
				{(bottle) => (
					<>
						<BottleDrawing share={bottle.levelShare} width={24} past={bottle.freshness === "PAST"} />
						<span>
							<b>{bottle.name}</b>
							<small>
								{bottle.level} · {bottle.soilOnly ? "soil only · " : ""}
								{bottle.useByWords}
							</small>
						</span>
						<Tag code={bottle.code} />
					</>
				)}
			</RadioCards>
		</>
	);
}

/** The chosen bottle's numbers, each with its working. */
export function BottleLine({ bottle }: { readonly bottle: Bottle }) {
	return (
		<p className="small soft">
			{bottle.code} holds {bottle.level} ({bottle.also}){" "}
			<WorkingMark of={`What is left in ${bottle.code}`} working={bottle.levelWorking} words="ledger" />,{" "}
			{bottle.useByWords} <WorkingMark of={`How long ${bottle.code} keeps`} working={bottle.useByWorking} />
		</p>
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
			<RadioCards label="Plants" cards={rows} value={chosen} onChange={onChoose} look={LOOK}>
				{(row, taken) => (
					<>
						<span aria-hidden="true">{taken ? "◉" : "○"}</span>
						<span>
							<b>{row.name}</b>
							<small>{row.words}</small>
						</span>
					</>
				)}
			</RadioCards>
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
