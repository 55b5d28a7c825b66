import type { ReactNode } from "react";
import type { Pot } from "../../api/types";
import { WorkingMark } from "../../shared/WorkingMark";

type Verdict = Pot["verdict"];

const CLASS = { NOT_YET: "not-yet", READY: "ready", PAST_BEST: "past-best", THROW_AWAY: "throw-away" } as const;

/** What is to be thought of the pot, and why. */
export function VerdictCard({ verdict, children }: { readonly verdict: Verdict; readonly children?: ReactNode }) {
	return (
		<div aria-live="polite">
			<div className={`verdict ${CLASS[verdict.kind]}`}>
				<VerdictSign kind={verdict.kind} />
				<div>
					<h2>{verdict.headline}</h2>
					{verdict.reasons.join(" ")}{" "}
					<WorkingMark of={verdict.headline} working={verdict.working} words="how this was judged" />
					{verdict.disposal && <p className="mb-0 mt-1">{verdict.disposal}</p>}
				</div>
				{children}
			</div>
			{[...verdict.advice, ...verdict.limits].map((words) => (
				<div key={words} className="note warn">
					<b>Do</b>
					<span>{words}</span>
				</div>
			))}
		</div>
	);
}

const SIGN = {
	NOT_YET: "M17 8v9l6 4",
	READY: "M9 18l6 6 11-13",
	PAST_BEST: "M8 17h18M20 11l6 6-6 6",
	THROW_AWAY: "M10 10l14 14M24 10L10 24",
} as const;

function VerdictSign({ kind }: { readonly kind: Verdict["kind"] }) {
	return (
		<svg width="38" height="38" viewBox="0 0 34 34" aria-hidden="true">
			<circle
				cx="17"
				cy="17"
				r="15"
				fill={kind === "READY" ? "var(--moss-wash)" : "var(--honey-wash)"}
				stroke="var(--ink)"
				strokeWidth="1.6"
			/>
			<path
				d={SIGN[kind]}
				stroke="var(--ink)"
				strokeWidth="2.4"
				fill="none"
				strokeLinecap="round"
				strokeLinejoin="round"
			/>
		</svg>
	);
}
