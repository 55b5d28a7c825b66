import Button from "react-bootstrap/Button";
import type { Garden, Pot } from "../../api/types";
import { dayAndTime } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useFill } from "./queries";

/** Water that stands open until its chlorine is gone; then the pot is filled and its clock starts. */
export function WaterCard({ pot, garden }: { readonly pot: Pot; readonly garden: Garden }) {
	const fill = useFill(pot.summary.id);
	return (
		<div className="note mt-3">
			<b>Water</b>
			<span>
				It stands open until {dayAndTime(pot.summary.setAt, garden)}, so that its chlorine leaves. Then everything else
				goes in, as the recipe says.
				<br />
				<Button variant="primary" className="mt-2" disabled={fill.isPending} onClick={() => fill.mutate()}>
					Filled: its clock starts now
				</Button>
				{fill.error && <ProblemNote error={fill.error} />}
			</span>
		</div>
	);
}
