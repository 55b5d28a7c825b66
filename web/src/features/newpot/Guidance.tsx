import type { Recipe } from "../../api/types";
import { Cautions, FindingNote } from "../../shared/FindingNote";
import { WorkingMark } from "../../shared/WorkingMark";

const RANK = { REFUSE: 0, CONFIRM: 1, NOTE: 2, HOLDS: 3 } as const;

/** What the rules found, what to do and when, and where the danger is. Refusals stand on top. */
export function Guidance({ recipe }: { readonly recipe: Recipe }) {
	const told = recipe.findings
		.filter((finding) => finding.severity !== "HOLDS")
		.toSorted((one, other) => RANK[one.severity] - RANK[other.severity]);
	return (
		<>
			{told.map((finding) => (
				<FindingNote key={finding.rule} finding={finding} />
			))}
			<ol className="steps">
				{recipe.steps.map((step) => (
					<li key={step.words}>
						<span className="step-clock">
							{step.clock}
							{step.hurry && <b> {step.hurry}</b>}
						</span>
						{step.words}
					</li>
				))}
			</ol>
			<p className="small">
				{recipe.water && (
					<>
						<b>Water:</b> {recipe.water.treatment === "NONE" ? recipe.water.words : "as in the first step."}{" "}
						<WorkingMark of="The water step" working={recipe.water.working} />{" "}
					</>
				)}
				<b>Care:</b> {recipe.care}.{" "}
				{recipe.readyWhen && (
					<>
						<b>Ready when:</b> {recipe.readyWhen}.{" "}
					</>
				)}
				{recipe.slips.length > 0 && (
					<>
						<b>Common slip:</b> {recipe.slips.join(" ")}
					</>
				)}
			</p>
			{recipe.crossChecks.map((check) => (
				<div key={check.rule} className="note">
					<b>Figures</b>
					<span>
						{check.words} <WorkingMark of={`Figures: ${check.concerns} ${check.rule}`} working={check.working} />
					</span>
				</div>
			))}
			<Cautions cautions={recipe.picking} />
		</>
	);
}
