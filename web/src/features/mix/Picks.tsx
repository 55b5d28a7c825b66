import { useState } from "react";
import Button from "react-bootstrap/Button";
import type { Bottle, Planting } from "../../api/types";
import { CheckCards } from "../../shared/CheckCards";
import { Options } from "../../shared/Options";
import { WorkingMark } from "../../shared/WorkingMark";
import type { Target } from "./wish";

const LOOK = { group: "mb-2 mt-1", card: "pick" };

/** The chosen bottle's numbers, each with its working. */
export function BottleLine({ bottle }: { readonly bottle: Bottle }) {
	return (
		<p className="small soft">
			<b>{bottle.name}</b>: {bottle.code} holds {bottle.level} ({bottle.also}){" "}
			<WorkingMark of={`What is left in ${bottle.code}`} working={bottle.levelWorking} words="ledger" />,{" "}
			{bottle.useByWords} <WorkingMark of={`How long ${bottle.code} keeps`} working={bottle.useByWorking} />
		</p>
	);
}

type PlantingProps = {
	readonly plantings: readonly Planting[];
	/** What is chosen; nothing where nobody was asked yet, an empty list for nothing in particular. */
	readonly chosen: readonly string[] | undefined;
	readonly onChoose: (ids: readonly string[]) => void;
};

/** What is to be fed: one planting or several; none of them is just this much mix. Once some are chosen the others fold away. */
export function PlantingPick({ plantings, chosen, onChoose }: PlantingProps) {
	const [open, setOpen] = useState(false);
	const some = chosen ?? [];
	const folded = chosen !== undefined && !open;
	const shown = folded ? plantings.filter((planting) => some.includes(planting.id)) : plantings;
	const toggle = (id: string) => onChoose(some.includes(id) ? some.filter((one) => one !== id) : [...some, id]);
	return (
		<>
			<h2>For which plants?</h2>
			<CheckCards label="Plants" cards={shown} chosen={some} onToggle={toggle} look={LOOK}>
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
			{chosen?.length === 0 && <p className="small soft mb-1">None of them: say how much ground or mix.</p>}
			{folded ? (
				<Button variant="link" className="px-0" onClick={() => setOpen(true)}>
					other plants …
				</Button>
			) : (
				chosen?.length !== 0 && (
					<Button variant="link" className="px-0" onClick={() => onChoose([])}>
						none of these: just this much mix
					</Button>
				)
			)}
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
