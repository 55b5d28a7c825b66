import { useState } from "react";
import Button from "react-bootstrap/Button";
import type { Bottle, Planting } from "../../api/types";
import { BottleDrawing } from "../../drawings/BottleDrawing";
import { CheckCards } from "../../shared/CheckCards";
import { Options } from "../../shared/Options";
import { RadioCards } from "../../shared/RadioCards";
import { Tag } from "../../shared/Tag";
import { WorkingMark } from "../../shared/WorkingMark";
import type { Target } from "./wish";

/** Bottles that are shown before all are asked for: the ones to use first. */
const AT_FIRST = 4;
const LOOK = { group: "mb-3 mt-1", card: "pick" };

type BottleProps = {
	readonly bottles: readonly Bottle[];
	readonly chosen: string;
	readonly onChoose: (id: string) => void;
};

/** The bottles in store, the one to use first on top. */
export function BottlePick({ bottles, chosen, onChoose }: BottleProps) {
	const [all, setAll] = useState(false);
	const shown = all ? bottles : bottles.filter((bottle, index) => index < AT_FIRST || bottle.id === chosen);
	return (
		<>
			<h2>From which bottle?</h2>
			<RadioCards label="Bottle" cards={shown} value={chosen} onChange={onChoose} look={LOOK}>
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
			{shown.length < bottles.length && (
				<Button variant="link" className="px-0" onClick={() => setAll(true)}>
					all {bottles.length} bottles
				</Button>
			)}
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
	readonly chosen: readonly string[];
	readonly onToggle: (id: string) => void;
};

/** What is to be fed: one planting or several; none of them is just so much mix. */
export function PlantingPick({ plantings, chosen, onToggle }: PlantingProps) {
	return (
		<>
			<h2>For which plants?</h2>
			<CheckCards label="Plants" cards={plantings} chosen={chosen} onToggle={onToggle} look={LOOK}>
				{(planting, taken) => (
					<>
						<span aria-hidden="true">{taken ? "▣" : "▢"}</span>
						<span>
							<b>{planting.name}</b>
							<small>
								{planting.size} · {planting.stage}
							</small>
						</span>
					</>
				)}
			</CheckCards>
			{chosen.length === 0 && <p className="small soft">None of them: say how much ground or mix.</p>}
		</>
	);
}

type TargetProps = {
	readonly bottle: Bottle;
	readonly chosen: Target;
	readonly onChoose: (target: Target) => void;
};

/** Where it goes: only what is told of this brew. */
export function TargetPick({ bottle, chosen, onChoose }: TargetProps) {
	const targets = bottle.targets.map(({ target, words }) => ({ id: target, words }));
	return <Options label="Where it goes" options={targets} value={chosen} onChange={onChoose} />;
}
