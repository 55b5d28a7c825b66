import type { UseMutationResult } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import { problemAt } from "../../api/problem";
import type { Bottle, Finding, Mix, MixRequest } from "../../api/types";
import { CanDrawing } from "../../drawings/CanDrawing";
import { Decision, unwise } from "../../shared/Decision";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { WorkingMark } from "../../shared/WorkingMark";
import { Loads } from "./Loads";
import type { Wish } from "./MixPage";

type Pour = UseMutationResult<{ taken: string; bottle: Bottle }, Error, { key: string; request: MixRequest }>;

type Props = {
	readonly mix: Mix;
	readonly wish: Wish;
	readonly request: MixRequest;
	readonly bottle: Bottle;
	readonly error: Error | null;
	readonly pour: Pour;
	readonly onChange: (part: Partial<Wish>) => void;
};

const VESSELS = [
	{ id: "can", words: "Can" },
	{ id: "sprayer", words: "Sprayer" },
] as const;

/** The can with its fillings, what the rules say, and the pour. */
export function PourPanel({ mix, wish, request, bottle, error, pour, onChange }: Props) {
	const first = mix.fillings[0];
	return (
		<>
			<h2 className="mb-2">
				{mix.need.text} <WorkingMark of="How much mix" working={mix.need.working} /> in {mix.count}{" "}
				{mix.count === 1 ? "filling" : "fillings"} <WorkingMark of="How many fillings" working={mix.countWorking} />
			</h2>
			<Options
				label="Poured from"
				options={VESSELS}
				value={wish.vessel}
				onChange={(vessel) => onChange({ vessel, can: undefined })}
			/>
			{first && (
				<CanDrawing kind={wish.vessel} mixShare={first.mixShare} brewShare={first.brewShare} words={first.mix} />
			)}
			<div className="needs">
				<TextField
					id="area"
					label="Ground"
					value={wish.need?.kind === "area" ? wish.need.text : mix.area.text}
					problem={problemAt(error, "area")}
					onChange={(text) => onChange({ need: { kind: "area", text } })}
				/>
				<TextField
					id="mix"
					label="Mix"
					value={wish.need?.kind === "mix" ? wish.need.text : mix.need.text}
					problem={problemAt(error, "mix")}
					onChange={(text) => onChange({ need: { kind: "mix", text } })}
				/>
				<TextField
					id="can"
					label={wish.vessel === "can" ? "Can holds" : "Sprayer holds"}
					value={request.can}
					problem={problemAt(error, "can")}
					onChange={(can) => onChange({ can })}
				/>
			</div>
			<div className={error ? "stale" : undefined}>
				<Loads loads={mix.fillings} name={bottle.name} />
				<Rules findings={mix.findings.filter((finding) => finding.severity !== "HOLDS")} />
				<Decision findings={mix.findings} taken={wish.decided ?? false} onTake={(decided) => onChange({ decided })} />
				<div className="actions">
					<Button
						type="submit"
						variant="primary"
						className="grow"
						disabled={
							mix.refused || error !== null || pour.isPending || (unwise(mix.findings).length > 0 && !wish.decided)
						}
					>
						{mix.refused ? "Refused: see why" : `Poured: take ${mix.brew.text} from ${bottle.code}`}
					</Button>
				</div>
			</div>
			{pour.error && <ProblemNote error={pour.error} />}
			{pour.data && (
				<p className="note" role="status">
					<b>Poured</b>
					<span>
						{pour.data.taken} taken from {pour.data.bottle.code}; {pour.data.bottle.level} left.
					</span>
				</p>
			)}
			<Rules findings={mix.findings.filter((finding) => finding.severity === "HOLDS")} />
		</>
	);
}

const SIGN = { HOLDS: "✓", NOTE: "!", CONFIRM: "?", REFUSE: "✗" } as const;
const CLASS = { HOLDS: "", NOTE: "warn", CONFIRM: "warn", REFUSE: "refuse" } as const;

function Rules({ findings }: { readonly findings: readonly Finding[] }) {
	return (
		<ul className="rules">
			{findings.map((finding) => (
				<li
					key={finding.rule}
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
