import { useState } from "react";
import Offcanvas from "react-bootstrap/Offcanvas";
import type { Working } from "../api/types";
import { MarkLegend, MarkSign } from "./MarkSign";

type Props = { readonly of: string; readonly working: Working; readonly words?: string };

/** The mark beside a number: one small sign of how far it can be trusted, in words under the pointer, on focus, on tap and in print. */
export function WorkingMark({ of, working, words }: Props) {
	const [open, setOpen] = useState(false);
	const [used, setUsed] = useState(false);
	const show = () => {
		setUsed(true);
		setOpen(true);
	};
	const narrow = window.matchMedia("(max-width: 720px)").matches;
	return (
		<>
			{words ? (
				<button type="button" className="mark" aria-label={`${of}: ${words}, how it was worked out`} onClick={show}>
					{words}
				</button>
			) : (
				<button
					type="button"
					className="mark sign"
					aria-label={`${of}: how it was worked out (${working.markWords})`}
					onClick={show}
				>
					<MarkSign mark={working.mark} />
					<span className="mark-words">{working.markWords}</span>
				</button>
			)}
			{used && (
				<Offcanvas
					show={open}
					onHide={() => setOpen(false)}
					placement={narrow ? "bottom" : "end"}
					aria-labelledby="working-title"
				>
					<Offcanvas.Header closeButton closeLabel="Close the working">
						<h2 id="working-title">{of}</h2>
					</Offcanvas.Header>
					<Offcanvas.Body>
						<WorkingSteps working={working} />
						<MarkLegend />
					</Offcanvas.Body>
				</Offcanvas>
			)}
		</>
	);
}

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
