import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import type { Vessel } from "../../api/types";
import { VesselDrawing } from "../../drawings/VesselDrawing";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { AddVesselForm } from "./AddVesselForm";
import { useRetireVessel, useVessels } from "./queries";

/** The gardener's own vessels under their permanent codes, and the way to everything round about them. */
export function VesselsPage() {
	const vessels = useVessels();
	const retire = useRetireVessel();
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
								<li key={vessel.id} className="vessel-line soft">
									<Tag code={vessel.code} /> {vessel.capacity} {vessel.kindWords}, since {vessel.retiredOn}
								</li>
							))}
						</ul>
					</>
				)}
			</section>
			<section className="side" aria-label="Add">
				<AddVesselForm />
				<h2 className="mt-4">Round about</h2>
				<ul className="card-lines">
					<li>
						<Link to="/places">Places and weather</Link> <small className="soft">how warm pots stand</small>
					</li>
					<li>
						<Link to="/bottles">Bottles in store</Link> <small className="soft">levels, last days, decisions</small>
					</li>
					<li>
						<Link to="/labels">Labels to print</Link> <small className="soft">with codes to scan</small>
					</li>
					<li>
						<Link to="/codes">Which bucket is this?</Link> <small className="soft">today, or on any day</small>
					</li>
					<li>
						<Link to="/readings">Readings from outside</Link> <small className="soft">instruments and files</small>
					</li>
				</ul>
				<p className="mt-4">
					<Link className="btn btn-outline" to="/welcome">
						About your garden: units, water, climate
					</Link>
				</p>
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
			{vessel.holds === undefined && (
				<Button variant="link" aria-label={`Retire ${vessel.code}`} onClick={onRetire}>
					Retire
				</Button>
			)}
		</li>
	);
}
