import Form from "react-bootstrap/Form";
import type { Mix } from "../../api/types";
import { StrengthDial } from "../../drawings/StrengthDial";
import { Cautions } from "../../shared/FindingNote";
import { WorkingMark } from "../../shared/WorkingMark";
import type { Wish } from "./MixPage";

type Props = {
	readonly mix: Mix;
	readonly wish: Wish;
	readonly problem?: string;
	readonly onChange: (part: Partial<Wish>) => void;
};

/** The strength on its dial, in everybody's words, and why. */
export function StrengthPanel({ mix, wish, problem, onChange }: Props) {
	return (
		<>
			<div className="dial">
				<StrengthDial
					water={mix.strength.water}
					span={mix.span}
					tooStrong="too strong"
					words={mix.strength.words}
					onChange={(water) => onChange({ strength: String(water) })}
				/>
				<div className="dial-field">
					<span>1 :</span>
					<Form.Control
						aria-label="Parts of water to one part of brew"
						aria-describedby="strength-problem"
						inputMode="numeric"
						autoComplete="off"
						value={wish.strength ?? String(mix.span.usual)}
						isInvalid={problem !== undefined}
						onChange={(event) => onChange({ strength: event.target.value })}
					/>
				</div>
			</div>
			{problem && (
				<div className="invalid-feedback text-center" id="strength-problem" role="alert">
					{problem}
				</div>
			)}
			<p className="dial-words">
				<b>Safe span {mix.span.text}.</b> Usual: {mix.span.usual === 0 ? "neat" : `1:${mix.span.usual}`}.{" "}
				<WorkingMark of={`Why ${mix.strength.text}`} working={mix.strength.working} words="why" />
			</p>
			<div className="dresses">
				{mix.dresses.map((dress) => (
					<div key={dress.text + dress.per} className="dress">
						<b>{dress.text}</b>
						{dress.per}
						<br />
						<WorkingMark
							of={`${mix.strength.text} as ${dress.text} ${dress.per}`}
							working={dress.working}
							words="how"
						/>
					</div>
				))}
			</div>
			<p className="small soft">
				{mix.words.join(" ")} The whole bottle makes {mix.makes.text} at this strength.{" "}
				<WorkingMark of="What the bottle makes" working={mix.makes.working} />
			</p>
			<Cautions cautions={mix.cautions} />
		</>
	);
}
