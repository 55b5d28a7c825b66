import { useState } from "react";
import Button from "react-bootstrap/Button";
import type { Vessel } from "../../api/types";
import { VesselDrawing } from "../../drawings/VesselDrawing";
import { calendarDay } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { AddVesselForm } from "./AddVesselForm";
import { useRetireVessel, useUseAgain, useVessels } from "./queries";

/** The gardener's own vessels under their permanent codes. */
export function VesselsPage() {
	const vessels = useVessels();
	const retire = useRetireVessel();
	const useAgain = useUseAgain();
	if (vessels.isPending) {
		return <p className="pots">Counting the buckets …</p>;
	}
	if (!vessels.data) {
		return (
			<div className="pots">
				<ProblemNote error={vessels.error} />
			</div>
		);
	}
	const used = vessels.data.filter((vessel) => vessel.retiredOn === undefined);
	const retired = vessels.data.filter((vessel) => vessel.retiredOn !== undefined);
	return (
		<div className="page-two">
			<section className="main" aria-label="Vessels">
				<h1>Vessels</h1>
				<p className="soft">
					Write the code on body and lid: codes are permanent, contents change. A vessel is retired, never deleted.
				</p>
				{retire.error && <ProblemNote error={retire.error} />}
				{useAgain.error && <ProblemNote error={useAgain.error} />}
				{used.length === 0 ? (
					<div className="empty">
						<h2>No vessel yet</h2>
						<p>Here each jar and bucket will stand under its code, with what it holds. Add the first one beside.</p>
					</div>
				) : (
					<ul className="vessel-list">
						{used.map((vessel) => (
							<VesselLine key={vessel.id} vessel={vessel} onRetire={() => retire.mutate(vessel.id)} />
						))}
					</ul>
				)}
				{retired.length > 0 && (
					<>
						<h2 className="mt-3">Retired</h2>
						<ul className="vessel-list">
							{retired.map((vessel) => (
								<RetiredLine key={vessel.id} vessel={vessel} onUse={() => useAgain.mutate(vessel.id)} />
							))}
						</ul>
					</>
				)}
			</section>
			<section className="side" aria-label="Add">
				<AddVesselForm />
			</section>
		</div>
	);
}

type LineProps = { readonly vessel: Vessel; readonly onRetire: () => void };

function VesselLine({ vessel, onRetire }: LineProps) {
	return (
		<li className="vessel-line">
			<span className="vessel-small">
				<VesselDrawing
					kind={vessel.kind}
					contents="leaves"
					mashShare={vessel.holds === undefined ? 0 : 0.6}
					capShare={0}
					neededShare={0}
					over={false}
					breathing={true}
					title={`${vessel.code}, ${vessel.kindWords}`}
				/>
			</span>
			<span>
				<Tag code={vessel.code} />{" "}
				<b>
					{vessel.capacity} {vessel.kindWords}
				</b>
				<br />
				<small className="soft">
					{vessel.walls} · {vessel.holds === undefined ? "free" : `holds ${vessel.holds}`}
				</small>
			</span>
			{vessel.holds === undefined && <Retire vessel={vessel} onRetire={onRetire} />}
		</li>
	);
}

/** Retiring asks first; it can be taken back below. */
function Retire({ vessel, onRetire }: LineProps) {
	const [asked, setAsked] = useState(false);
	if (!asked) {
		return (
			<Button variant="link" aria-label={`Retire ${vessel.code}`} onClick={() => setAsked(true)}>
				Retire
			</Button>
		);
	}
	return (
		<span className="retire-ask">
			<Button variant="primary" autoFocus onClick={onRetire}>
				Retire {vessel.code}
			</Button>
			<Button variant="link" aria-label={`Cancel retiring ${vessel.code}`} onClick={() => setAsked(false)}>
				Cancel
			</Button>
		</span>
	);
}

function RetiredLine({ vessel, onUse }: { readonly vessel: Vessel; readonly onUse: () => void }) {
	return (
		<li className="vessel-line soft">
			<span>
				<Tag code={vessel.code} /> {vessel.capacity} {vessel.kindWords}, since{" "}
				{vessel.retiredOn && calendarDay(vessel.retiredOn)}
			</span>
			<Button variant="link" aria-label={`Use ${vessel.code} again`} onClick={onUse}>
				Use again
			</Button>
		</li>
	);
}
