import Button from "react-bootstrap/Button";
import type { Finding, Mix } from "../../api/types";
import { WorkingMark } from "../../shared/WorkingMark";

const SIGN = { HOLDS: "✓", NOTE: "!", CONFIRM: "?", REFUSE: "✗" } as const;
const CLASS = { HOLDS: "", NOTE: "warn", CONFIRM: "warn", REFUSE: "refuse" } as const;

/** What the rules say, each with its working. */
export function Rules({ findings }: { readonly findings: readonly Finding[] }) {
	return (
		<ul className="rules">
			{findings.map((finding) => (
				<li
					key={finding.rule + finding.words}
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

type Props = {
	readonly plantings: Mix["plantings"];
	/** Whether what holds is told, or what doesn't. */
	readonly holding: boolean;
	readonly onLeaveOut: (plantingId: string) => void;
};

/** What is said of each planting among several, what would be right for it alone, and a way to leave it out. */
export function PlantingRules({ plantings, holding, onLeaveOut }: Props) {
	return plantings.map((planting) => {
		const said = planting.findings.filter((finding) => (finding.severity === "HOLDS") === holding);
		const alone = holding ? "" : planting.alone;
		if (said.length === 0 && !alone) {
			return null;
		}
		return (
			<section key={planting.plantingId} aria-label={planting.name}>
				<h3 className="mb-0">{planting.name}</h3>
				{alone && <p className="small soft mb-0">Alone it would get {alone}.</p>}
				<Rules findings={said} />
				{!holding && planting.leaveOut && (
					<Button variant="outline" className="mb-2" onClick={() => onLeaveOut(planting.plantingId)}>
						Leave {planting.name} out
					</Button>
				)}
			</section>
		);
	});
}
