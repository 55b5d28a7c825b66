import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link, useSearchParams } from "react-router";
import type { Bed } from "../../api/types";
import { FeedScale } from "../../drawings/FeedStrip";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWidth } from "../../shared/useWidth";
import { useGarden } from "../garden";
import { plantingsQuery } from "../mix";
import { BedCard } from "./BedCard";
import { LastFeeds } from "./LastFeeds";
import { PlantingForm } from "./PlantingForm";
import { bedsQuery } from "./queries";

/** What plants get, and whether it helped. */
export function BedsPage() {
	const garden = useGarden().data;
	const beds = useQuery(bedsQuery);
	const plantings = useQuery(plantingsQuery);
	const [search] = useSearchParams();
	const [opened, setOpened] = useState<string | null>(search.get("planting"));
	const [adding, setAdding] = useState(false);
	if (beds.isPending || plantings.isPending || !garden) {
		return <p className="pots">Walking along the beds …</p>;
	}
	if (!beds.data || !plantings.data) {
		return (
			<div className="pots">
				<ProblemNote error={beds.error ?? plantings.error} />
			</div>
		);
	}
	const known = plantings.data;
	return (
		<div className="page-two">
			<section className="main" aria-label="Plantings">
				<h1>Garden</h1>
				{known.length === 0 && (
					<div className="empty">
						<h2>No planting yet</h2>
						<p>
							Tell what grows where, and each will have its strip of weeks: what it got, how it looked, what it needs.
						</p>
					</div>
				)}
				{beds.data[0] && <BedScale bed={beds.data[0]} today={garden.today} />}
				<ul className="plain-list beds">
					{beds.data.map((bed) => {
						const planting = known.find((one) => one.id === bed.plantingId);
						return (
							planting && (
								<BedCard
									key={bed.plantingId}
									bed={bed}
									planting={planting}
									garden={garden}
									open={opened === bed.plantingId}
									onOpen={() => setOpened(opened === bed.plantingId ? null : bed.plantingId)}
								/>
							)
						);
					})}
				</ul>
				<div className="legend" aria-hidden="true">
					<span>drop: feed</span>
					<span>waves: plain water</span>
					<span>eye: you looked</span>
					<span>dashed: proposed</span>
				</div>
				<div className="actions">
					<Button variant="outline" onClick={() => setAdding(!adding)}>
						{adding ? "Not now" : "Add a planting"}
					</Button>
					<Link className="btn btn-link" to="/garden/crops">
						Crops
					</Link>
					<Link className="btn btn-link" to="/garden/notebook">
						A notebook of earlier days
					</Link>
				</div>
				{adding && <PlantingForm onDone={() => setAdding(false)} />}
			</section>
			<section className="side" aria-label="Last feeds">
				<LastFeeds wall={garden} />
			</section>
		</div>
	);
}

/** One scale of days for all plantings, in sight however far one has scrolled. */
function BedScale({ bed, today }: { readonly bed: Bed; readonly today: string }) {
	const { ref, width } = useWidth<HTMLDivElement>(600);
	return (
		<div ref={ref} className="bed-scale">
			<FeedScale width={width} from={bed.from} until={bed.until} today={today} />
		</div>
	);
}
