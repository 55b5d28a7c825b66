import type { UseMutationResult } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import { troubleAt } from "../../api/problem";
import type { Bottle, Finding, Mix, MixRequest, Poured } from "../../api/types";
import { CanDrawing } from "../../drawings/CanDrawing";
import { Decision, unwise } from "../../shared/Decision";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { WorkingMark } from "../../shared/WorkingMark";
import { useGarden } from "../garden";
import { Loads } from "./Loads";
import { useUndo } from "./queries";
import { CARRIERS, type Wish } from "./wish";

type Pour = UseMutationResult<Poured, Error, { key: string; request: MixRequest }>;

type Props = {
	readonly mix: Mix;
	readonly wish: Wish;
	readonly request: MixRequest;
	readonly bottle: Bottle;
	readonly names: readonly string[];
	readonly error: Error | null;
	readonly pour: Pour;
	/** Whether the mix shown is the answer to what is entered now. */
	readonly answered: boolean;
	readonly onPour: () => void;
	readonly onChange: (part: Partial<Wish>) => void;
};

/** The can with its fillings, what the rules say, and the pour. */
export function PourPanel({ mix, wish, request, bottle, names, error, pour, answered, onPour, onChange }: Props) {
	const first = mix.fillings[0];
	const carrier = CARRIERS.find((one) => one.id === wish.carrier);
	return (
		<>
			<h2 className="mb-2">
				{mix.need.text} <WorkingMark of="How much mix" working={mix.need.working} /> in {mix.count}{" "}
				{mix.count === 1 ? "filling" : "fillings"} <WorkingMark of="How many fillings" working={mix.countWorking} />
			</h2>
			<Options
				label="Poured from"
				options={CARRIERS}
				value={wish.carrier}
				onChange={(picked) => onChange({ carrier: picked, can: undefined })}
			/>
			{first && (
				<CanDrawing kind={wish.carrier} mixShare={first.mixShare} brewShare={first.brewShare} words={first.mix} />
			)}
			<Needs mix={mix} wish={wish} target={request.target} error={error} onChange={onChange} />
			<TextField
				id="can"
				as="LARGE_VOLUME"
				label={carrier?.holds ?? "Can holds"}
				value={request.can}
				problem={troubleAt(error, "can")}
				onChange={(can) => onChange({ can })}
			/>
			<div className={error ? "stale" : undefined}>
				<Loads loads={mix.fillings} names={names} />
				<p className="small soft mb-1">
					{mix.inherited.map((one, index) => (
						<span key={one.text}>
							{index > 0 && " · "}
							{one.text} <WorkingMark of={one.text} working={one.working} />
						</span>
					))}
				</p>
				{pour.data ? (
					<PouredNote poured={pour.data} onAgain={pour.reset} />
				) : (
					<>
						<Rules findings={mix.findings.filter((finding) => finding.severity !== "HOLDS")} />
						<Decision
							findings={mix.findings}
							taken={wish.decided ?? false}
							onTake={(decided) => onChange({ decided })}
						/>
						<div className="actions">
							<Button
								variant="primary"
								className="grow"
								disabled={
									!answered ||
									mix.refused ||
									error !== null ||
									pour.isPending ||
									(unwise(mix.findings).length > 0 && !wish.decided)
								}
								onClick={onPour}
							>
								{mix.refused ? "Refused: see why" : poured(mix, bottle)}
							</Button>
						</div>
					</>
				)}
			</div>
			{pour.error && <ProblemNote error={pour.error} />}
			<Button variant="link" className="px-0" onClick={() => window.print()}>
				Print a label for it
			</Button>
			<Rules findings={mix.findings.filter((finding) => finding.severity === "HOLDS")} />
		</>
	);
}

function poured(mix: Mix, bottle: Bottle): string {
	if (mix.fillings.some((filling) => filling.brews.some((brew) => brew.first))) {
		return `Poured: as mixed above, from ${bottle.code}`;
	}
	return mix.brews.length === 1
		? `Poured: take ${mix.brews[0]?.amount.text} from ${bottle.code}`
		: `Poured: take from ${mix.brews.length} at once`;
}

type NeedsProps = Pick<Props, "mix" | "wish" | "error" | "onChange"> & { readonly target: MixRequest["target"] };

/** How much: so much ground, so much mix, or a dose for each pot. */
function Needs({ mix, wish, target, error, onChange }: NeedsProps) {
	const units = useGarden().data?.units;
	const need = wish.need;
	if (need?.kind === "pots") {
		return (
			<div className="needs">
				<TextField
					id="pots"
					label="Pots"
					value={need.pots}
					problem={troubleAt(error, "pots")}
					onChange={(pots) => onChange({ need: { ...need, pots } })}
				/>
				<TextField
					id="pot-size"
					as="LARGE_VOLUME"
					label="One holds"
					value={need.potSize}
					problem={troubleAt(error, "potSize")}
					onChange={(potSize) => onChange({ need: { ...need, potSize } })}
				/>
				<TextField
					id="per-pot"
					as="SMALL_VOLUME"
					label="Or a dose for each"
					value={need.perPot}
					problem={troubleAt(error, "perPot")}
					onChange={(perPot) => onChange({ need: { ...need, perPot } })}
				/>
				<Button variant="link" className="px-0" onClick={() => onChange({ need: undefined })}>
					by ground or mix
				</Button>
			</div>
		);
	}
	const soak = target === "SEED_SOAK";
	const potSize = units === "US" ? "2 gal" : "6 L";
	return (
		<div className="needs">
			{!soak && (
				<TextField
					id="area"
					as="AREA"
					label="Ground"
					value={need?.kind === "area" ? need.text : mix.area.text}
					problem={troubleAt(error, "area")}
					read={need?.kind === "area" && !error ? mix.area.text : undefined}
					onChange={(text) => onChange({ need: { kind: "area", text } })}
				/>
			)}
			<TextField
				id="mix"
				as="LARGE_VOLUME"
				label="Mix"
				value={need?.kind === "mix" ? need.text : mix.need.text}
				problem={troubleAt(error, "mix")}
				read={need?.kind === "mix" && !error ? mix.need.text : undefined}
				onChange={(text) => onChange({ need: { kind: "mix", text } })}
			/>
			{!soak && (
				<Button
					variant="link"
					className="px-0"
					onClick={() => onChange({ need: { kind: "pots", pots: "6", potSize, perPot: "" } })}
				>
					by pots
				</Button>
			)}
		</div>
	);
}

/**
 * What was taken, with the way back. It stands in the place of the button that poured: rules of the next pour, which come a moment
 * later, would move it from under the finger.
 */
function PouredNote({ poured, onAgain }: { readonly poured: Poured; readonly onAgain: () => void }) {
	const undo = useUndo();
	const back = undo.data?.feed.undone ?? false;
	const bottles = undo.data?.bottles ?? poured.bottles;
	return (
		<div className="note" role="status">
			<b>{back ? "Taken back" : "Poured"}</b>
			<span>
				{poured.feed.brews.map((brew) => `${brew.amount} ${brew.code || brew.name}`).join(" + ")}
				{back ? ": back where it was. " : " taken. "}
				{bottles.map((bottle) => `${bottle.code}: ${bottle.level} left`).join("; ")}
			</span>
			{!back && (
				<Button variant="outline" disabled={undo.isPending} onClick={() => undo.mutate(poured.feed.id)}>
					Take it back
				</Button>
			)}
			<Button variant="link" onClick={onAgain}>
				Mix another
			</Button>
			{undo.error && <ProblemNote error={undo.error} />}
		</div>
	);
}

const SIGN = { HOLDS: "✓", NOTE: "!", CONFIRM: "?", REFUSE: "✗" } as const;
const CLASS = { HOLDS: "", NOTE: "warn", CONFIRM: "warn", REFUSE: "refuse" } as const;

function Rules({ findings }: { readonly findings: readonly Finding[] }) {
	return (
		<ul className="rules">
			{findings.map((finding) => (
				<li
					key={finding.rule + finding.words}
					className={CLASS[finding.severity]}
					role={finding.severity === "REFUSE" ? "alert" : undefined}
				>
					<i aria-hidden="true">{SIGN[finding.severity]}</i>
					<span>
						{finding.words} <WorkingMark of={finding.words} working={finding.working} />
					</span>
				</li>
			))}
		</ul>
	);
}
