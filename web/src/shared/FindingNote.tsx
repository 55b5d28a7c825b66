import type { Caution, Finding } from "../api/types";
import { WorkingMark } from "./WorkingMark";

const TITLE = { HOLDS: "Fine", NOTE: "Note", CONFIRM: "Unwise", REFUSE: "Refused" } as const;

/** What a rule found, with the figures behind it. */
export function FindingNote({ finding }: { readonly finding: Finding }) {
	const kind = finding.severity === "REFUSE" ? "refuse" : "warn";
	return (
		<div className={`note ${kind}`} role={finding.severity === "REFUSE" ? "alert" : undefined}>
			<b>{TITLE[finding.severity]}</b>
			<span>
				{finding.words} <WorkingMark of={`${TITLE[finding.severity]}: ${finding.concerns}`} working={finding.working} />
			</span>
		</div>
	);
}

/** Dangers, told where they are met. */
export function Cautions({ cautions }: { readonly cautions: readonly Caution[] }) {
	return (
		<div className="cautions">
			{cautions.map((caution) => (
				<div key={caution.title} className="note care">
					<b>{caution.title}</b>
					<span>
						{caution.words}{" "}
						{caution.working && <WorkingMark of={caution.title} working={caution.working} words="why" />}
					</span>
				</div>
			))}
		</div>
	);
}
