import Form from "react-bootstrap/Form";
import type { Garden } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useChangeStandIns } from "../garden";

/** Simulated instruments, for those who have none: they can be put away. */
export function StandIns({ garden }: { readonly garden: Garden }) {
	const change = useChangeStandIns();
	return (
		<section aria-labelledby="stand-ins-title">
			<h2 id="stand-ins-title">Instruments</h2>
			<Form.Check
				id="stand-ins"
				className="decision"
				checked={garden.standIns}
				disabled={change.isPending}
				onChange={(event) => change.mutate({ standIns: event.target.checked, version: garden.version })}
				label="Simulated thermometer, pH, EC, Brix and scale stand in"
			/>
			<p className="small soft">
				They read what a healthy pot of that age and warmth would show, and every such reading says that it is
				simulated. Put them away once you have your own.
			</p>
			{change.error && <ProblemNote error={change.error} />}
		</section>
	);
}
