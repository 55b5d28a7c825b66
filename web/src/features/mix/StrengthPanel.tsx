import Form from "react-bootstrap/Form";
import type { Trouble } from "../../api/problem";
import type { Mix } from "../../api/types";
import { StrengthDial } from "../../drawings/StrengthDial";
import { Asked } from "../../shared/Asked";
import { Cautions } from "../../shared/FindingNote";
import { WorkingMark } from "../../shared/WorkingMark";
import { Sayings } from "./Sayings";
import { allFindings, type Wish } from "./wish";

type Props = {
	readonly mix: Mix;
	readonly wish: Wish;
	readonly problem?: Trouble;
	readonly onChange: (part: Partial<Wish>) => void;
};

/** The first brew's strength on its dial, in everybody's words, and why; what the can brings at most. */
export function StrengthPanel({ mix, wish, problem, onChange }: Props) {
	const brew = mix.brews[0];
	if (!brew) {
		return null;
	}
	const usual = brew.span.usual;
	// No strength is safe where the brew may not go at all.
	const no = allFindings(mix).find((finding) => finding.severity === "REFUSE" && finding.concerns === "target");
	return (
		<>
			<div className="dial">
				<StrengthDial
					water={brew.strength.water}
					span={brew.span}
					rungs={brew.rungs}
					tooStrong="too strong"
					words={brew.strength.words}
					onChange={(water) => onChange({ strength: String(water) })}
				/>
				<div className="dial-field">
					<span>1 :</span>
					<Form.Control
						aria-label="Parts of water to one part of brew"
						aria-describedby="strength-problem"
						autoComplete="off"
						value={wish.strength ?? shortened(brew.strength.water)}
						isInvalid={problem !== undefined}
						onChange={(event) => onChange({ strength: event.target.value })}
					/>
				</div>
			</div>
			{problem && (
				<div className="invalid-feedback text-center" id="strength-problem" role="alert">
					{problem.words}
				</div>
			)}
			<Asked trouble={problem} onTake={(strength) => onChange({ strength })} />
			{no ? (
				<p className="dial-words refused">
					<b>{no.words}</b> <WorkingMark of={no.words} working={no.working} words="why" />
				</p>
			) : (
				<p className="dial-words">
					<b>Safe span {brew.span.text}.</b> Advised today: {usual === 0 ? "neat" : `1:${shortened(usual)}`}.{" "}
					<WorkingMark of={`Why ${brew.strength.text}`} working={brew.strength.working} words="why" />
				</p>
			)}
			{brew.rungs.length > 0 && (
				<ol className="rungs" aria-label="Ladder, the weakest rung first">
					{brew.rungs.map((rung) => (
						<li key={`${brew.id} ${rung.text}`} className={rung.here ? "here" : undefined}>
							{rung.text}
							{rung.here && " · you are here"}
							{rung.words && <small className="soft"> {rung.words}</small>}
						</li>
					))}
				</ol>
			)}
			<div className="dresses">
				{brew.dresses.map((dress) => (
					<div key={`${brew.id} ${dress.dress}`} className="dress">
						<b>{dress.text}</b>
						{dress.per}
						<br />
						<WorkingMark
							of={`${brew.strength.text} as ${dress.text} ${dress.per}`}
							working={dress.working}
							words="how"
						/>
					</div>
				))}
			</div>
			{mix.ceilings.length > 0 && (
				<ul className="plain-list small" aria-label="In the can at most">
					{mix.ceilings.map((ceiling) => (
						<li key={ceiling.name + ceiling.of}>
							From {ceiling.name}: <b>{ceiling.text}</b>.{" "}
							<WorkingMark of={`${ceiling.name}, ${ceiling.text}`} working={ceiling.working} />
						</li>
					))}
				</ul>
			)}
			<Sayings strength={brew.strength.text} onTake={(strength) => onChange({ strength })} />
			<p className="small soft">
				{mix.words.join(" ")} The whole bottle makes {mix.makes.text} at this strength.{" "}
				<WorkingMark of="What the bottle makes" working={mix.makes.working} />
			</p>
			<Cautions cautions={mix.cautions} />
		</>
	);
}

/** The field shows few digits; what is poured is worked out exactly. */
function shortened(water: number): string {
	return String(water >= 100 ? Math.round(water) : Math.round(water * 10) / 10);
}
