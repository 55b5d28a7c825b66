import { lazy, Suspense, useState } from "react";
import type { Working } from "../api/types";
import { MarkSign } from "./MarkSign";

const WorkingSlip = lazy(() => import("./WorkingSlip"));

type Props = { readonly of: string; readonly working: Working; readonly words?: string };

/** The mark beside a number: one small sign of how far it can be trusted, in words under the pointer, on focus, on tap and in print. */
export function WorkingMark({ of, working, words }: Props) {
	const [open, setOpen] = useState(false);
	const [used, setUsed] = useState(false);
	const show = () => {
		setUsed(true);
		setOpen(true);
	};
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
				<Suspense>
					<WorkingSlip of={of} working={working} open={open} onClose={() => setOpen(false)} />
				</Suspense>
			)}
		</>
	);
}
