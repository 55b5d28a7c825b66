import type { Working } from "../api/types";

/** The steps of a working: rule, figures, result, mark and source. */
export function WorkingSteps({ working }: { readonly working: Working }) {
	return (
		<>
			<p className="soft">Worked out in these steps. As a whole: {working.markWords}.</p>
			<ol className="working-steps">
				{working.steps.map((step) => (
					<li key={step.words + step.result}>
						{step.words}
						{step.figures.length > 0 && (
							<dl>
								{step.figures.map((figure) => (
									<FigureRow key={figure.name} name={figure.name} value={figure.value} />
								))}
							</dl>
						)}
						{step.result && <div className="working-result">{step.result}</div>}
						<small className="soft">
							{step.markWords}
							{step.source && step.source !== "arithmetic" && ` · ${step.source}`}
						</small>
					</li>
				))}
			</ol>
		</>
	);
}

function FigureRow({ name, value }: { readonly name: string; readonly value: string }) {
	return (
		<>
			<dt>{name}</dt>
			<dd>{value}</dd>
		</>
	);
}
