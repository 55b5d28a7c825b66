import type { Recipe } from "../../api/types";
import { Cautions, FindingNote } from "../../shared/FindingNote";

/** What the rules found, what to do, and where the danger is. Refusals stand on top. */
export function Guidance({ recipe }: { readonly recipe: Recipe }) {
	const told = recipe.findings
		.filter((finding) => finding.severity !== "HOLDS")
		.toSorted((one, other) => Number(other.severity === "REFUSE") - Number(one.severity === "REFUSE"));
	return (
		<>
			{told.map((finding) => (
				<FindingNote key={finding.rule} finding={finding} />
			))}
			<ol className="steps">
				{recipe.steps.map((step) => (
					<li key={step}>{step}</li>
				))}
			</ol>
			<p className="small">
				<b>Care:</b> {recipe.care}. <b>Common slip:</b> {recipe.slip}
			</p>
			<Cautions cautions={recipe.picking} />
		</>
	);
}
