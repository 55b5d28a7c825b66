import { useState } from "react";
import Offcanvas from "react-bootstrap/Offcanvas";
import type { Working } from "../api/types";

type Props = { readonly of: string; readonly working: Working; readonly words?: string };

/** The mark beside a number: how far it can be trusted. One tap opens how it was worked out. */
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
			<button type="button" className="mark" aria-label={`${of}: how it was worked out`} onClick={show}>
				{words ?? working.markWords}
			</button>
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
