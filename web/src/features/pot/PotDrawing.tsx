import type { Pot } from "../../api/types";
import { VesselDrawing } from "../../drawings/VesselDrawing";
import { contentsOf } from "../../drawings/vesselKinds";
import { WorkingMark } from "../../shared/WorkingMark";

/** The vessel of a pot, filled as high as it stands, and what it is. */
export function PotDrawing({ pot }: { readonly pot: Pot }) {
	return (
		<>
			<PotVessel pot={pot} />
			<p className="pot-full small soft">
				{pot.capacity} · {pot.lid} <WorkingMark of="How full it stands" working={pot.standing} />
			</p>
		</>
	);
}

/** The vessel of a pot alone, filled as high as it stands. */
export function PotVessel({ pot }: { readonly pot: Pot }) {
	const cap = Math.min(pot.capShare, pot.summary.standingShare);
	const working = pot.state === "WORKING" || pot.state === "HOLDING";
	return (
		<VesselDrawing
			kind={pot.summary.vesselKind}
			contents={contentsOf(pot.summary.family)}
			mashShare={working ? pot.summary.standingShare - cap : 0}
			capShare={working ? cap : 0}
			neededShare={pot.neededShare}
			over={false}
			breathing={true}
			title={`${pot.summary.code}, ${Math.round(pot.summary.standingShare * 100)} % full`}
		/>
	);
}
