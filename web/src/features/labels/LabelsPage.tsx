import { useState } from "react";
import Button from "react-bootstrap/Button";
import type { Label } from "../../api/types";
import { QrDrawing } from "../../drawings/QrDrawing";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { useLabels } from "./queries";

type Kind = "vessels" | "bottles";
type Paper = "a4" | "letter";

const KINDS = [
	{ id: "vessels", words: "Vessels" },
	{ id: "bottles", words: "Bottles" },
] as const;
const PAPERS = [
	{ id: "a4", words: "A4" },
	{ id: "letter", words: "Letter" },
] as const;

/** Sheets of labels: permanent codes for vessels, on body and lid, and a label for each bottle. */
export function LabelsPage() {
	const labels = useLabels();
	const [kind, setKind] = useState<Kind>("vessels");
	const [paper, setPaper] = useState<Paper>("a4");
	const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
	if (!labels.data) {
		return <div className="pots">{labels.error ? <ProblemNote error={labels.error} /> : "Finding the scissors …"}</div>;
	}
	const all = labels.data[kind];
	const chosen = all.filter((label) => !left.has(label.id));
	const toggle = (id: string) =>
		setLeft((before) => {
			const next = new Set(before);
			if (!next.delete(id)) {
				next.add(id);
			}
			return next;
		});
	return (
		<div className="pots">
			<div className="no-print">
				<h1>Labels</h1>
				<p className="soft">
					A vessel's code is permanent: print it twice, for body and lid. The square leads to what the code holds. Tape
					falls off within a year: the list here doesn't.
				</p>
				<div className="label-choices">
					<Options label="Labels for" options={KINDS} value={kind} onChange={setKind} />
					<Options label="Paper" options={PAPERS} value={paper} onChange={setPaper} />
					<Button variant="primary" disabled={chosen.length === 0} onClick={() => window.print()}>
						Print {chosen.length} {chosen.length === 1 ? "label" : "labels"}
					</Button>
				</div>
				{all.length === 0 && <p className="soft">There is nothing to label yet.</p>}
			</div>
			<ul className={`labels ${paper} ${kind}`}>
				{all.map((label) => (
					<li key={label.id} className={left.has(label.id) ? "no-print left-out" : undefined}>
						<OneLabel label={label} />
						<Button
							variant="link"
							className="no-print"
							aria-label={left.has(label.id) ? `Print ${label.code} too` : `Leave ${label.code} out`}
							onClick={() => toggle(label.id)}
						>
							{left.has(label.id) ? "print it too" : "leave it out"}
						</Button>
					</li>
				))}
			</ul>
		</div>
	);
}

function OneLabel({ label }: { readonly label: Label }) {
	return (
		<div className="label-card">
			<QrDrawing qr={label.qr} label={`Leads to what ${label.code} holds`} />
			<div>
				<b className="label-code">{label.code}</b>
				<span className="label-title">{label.title}</span>
				{label.lines.map((line) => (
					<small key={line}>{line}</small>
				))}
			</div>
		</div>
	);
}
