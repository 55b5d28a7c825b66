import { useState } from "react";
import Button from "react-bootstrap/Button";
import { problemAt, troubleAt } from "../../api/problem";
import type { Bottle, Mix, MixRequest } from "../../api/types";
import { CanDrawing } from "../../drawings/CanDrawing";
import { Decision, unwise } from "../../shared/Decision";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { WorkingMark } from "../../shared/WorkingMark";
import { useGarden } from "../garden";
import { BigCan } from "./BigCan";
import { HourPick } from "./HourPick";
import { Loads } from "./Loads";
import type { usePour } from "./queries";
import { PlantingRules, Rules } from "./Rules";
import { TooShort } from "./TooShort";
import { allFindings, CARRIERS, type Wish } from "./wish";

type Pour = ReturnType<typeof usePour>;

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
	const [big, setBig] = useState(false);
	const first = mix.fillings[0];
	const carrier = CARRIERS.find((one) => one.id === wish.carrier);
	const findings = allFindings(mix);
	const leaveOut = (id: string) =>
		onChange({ plantingIds: request.plantingIds.filter((one) => one !== id), need: undefined });
	return (
		<>
			<h2 className="mb-2">
				{mix.need.text} <WorkingMark of="How much mix" working={mix.need.working} /> in {mix.count}{" "}
				{mix.count === 1 ? "filling" : "fillings"} <WorkingMark of="How many fillings" working={mix.countWorking} />
			</h2>
			<HourPick hour={mix.hour} at={wish.at} onChange={(at) => onChange({ at })} />
			<Options
				label="Poured from"
				options={CARRIERS}
				value={wish.carrier}
				onChange={(picked) => onChange({ carrier: picked, can: undefined })}
			/>
			{first && (
				<CanDrawing
					kind={wish.carrier}
					mixShare={first.mixShare}
					brewShare={first.brewShare}
					colour={bottle.colour}
					words={first.mix}
				/>
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
				<Button variant="outline" className="on-phone my-1" onClick={() => setBig(true)}>
					Big, to read over the can
				</Button>
				{big && <BigCan loads={mix.fillings} names={names} onClose={() => setBig(false)} />}
				<p className="small soft mb-1">
					{mix.inherited.map((one, index) => (
						<span key={one.text}>
							{index > 0 && " · "}
							{one.text} <WorkingMark of={one.text} working={one.working} />
						</span>
					))}
				</p>
				<Rules findings={mix.findings.filter((finding) => finding.severity !== "HOLDS")} />
				{mix.tooShort && (
					<TooShort
						short={mix.tooShort}
						onLess={(text) => onChange({ need: { kind: "mix", text } })}
						onRest={(brew, rest) => onChange(withRest(wish, brew, rest))}
					/>
				)}
				<PlantingRules plantings={mix.plantings} holding={false} onLeaveOut={leaveOut} />
				{!wish.when && (
					<Decision findings={findings} taken={wish.decided ?? false} onTake={(decided) => onChange({ decided })} />
				)}
				<div className="actions">
					<Button
						variant="primary"
						className="grow"
						disabled={
							!answered ||
							error !== null ||
							pour.isPending ||
							(!wish.when && (mix.refused || mix.hour.ahead || (unwise(findings).length > 0 && !wish.decided)))
						}
						onClick={onPour}
					>
						{buttonWords(mix, wish, bottle)}
					</Button>
				</div>
			</div>
			{pour.error && problemAt(pour.error, "when") === undefined && <ProblemNote error={pour.error} />}
			{!mix.hour.ahead && <Earlier wish={wish} error={pour.error} onChange={onChange} />}
			<Button variant="link" className="px-0" onClick={() => window.print()}>
				Print a label for it
			</Button>
			<Rules findings={mix.findings.filter((finding) => finding.severity === "HOLDS")} />
			<PlantingRules plantings={mix.plantings} holding onLeaveOut={leaveOut} />
		</>
	);
}

/** The rest of one brew from another bottle: the first brew's, or that of another in the same water. */
function withRest(wish: Wish, brew: number, rest: string): Partial<Wish> {
	return brew === 0
		? { rest }
		: { extras: wish.extras.map((extra, index) => (index === brew - 1 ? { ...extra, rest } : extra)) };
}

function buttonWords(mix: Mix, wish: Wish, bottle: Bottle): string {
	if (wish.when) {
		return `Write it down: ${poured(mix, bottle).replace("Poured: ", "")}`;
	}
	if (mix.refused) {
		return "Refused: see why";
	}
	return mix.hour.ahead ? `Not yet: pour it ${mix.hour.words}` : poured(mix, bottle);
}

type EarlierProps = Pick<Props, "wish" | "error" | "onChange">;

/** A pour that was forgotten: it has happened, so nothing of it is refused but what no bottle holds. */
function Earlier({ wish, error, onChange }: EarlierProps) {
	const [open, setOpen] = useState(false);
	return open || wish.when ? (
		<TextField
			id="poured-when"
			as="PAST"
			label="Poured when"
			value={wish.when ?? ""}
			problem={troubleAt(error, "when")}
			hint="such as “yesterday evening” or “Sunday at 8”"
			onChange={(when) => onChange({ when: when || undefined })}
		/>
	) : (
		<Button variant="link" className="px-0 d-block" onClick={() => setOpen(true)}>
			poured earlier …
		</Button>
	);
}

function poured(mix: Mix, bottle: Bottle): string {
	if (mix.fillings.some((filling) => filling.brews.some((brew) => brew.first))) {
		return `Poured: as mixed above, from ${bottle.code}`;
	}
	return mix.brews.length === 1
		? `Poured: take ${mix.brews[0]?.amount.text} from ${mix.brews[0]?.id.replace("+", " and ") ?? bottle.code}`
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
