import { useState } from "react";
import { Link } from "react-router";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { recipeAddress } from "./draft";
import { useNeeds } from "./queries";

/** How far the plants are grown, and the brews for it. */
export function NeedDoor() {
	const needs = useNeeds();
	const [chosen, setChosen] = useState("LEAFY");
	if (needs.isPending) {
		return <p>Looking at the plants …</p>;
	}
	if (!needs.data) {
		return <ProblemNote error={needs.error} />;
	}
	const stage = needs.data.find((need) => need.id === chosen);
	return (
		<section aria-label="What plants need">
			<Options label="How far they are grown" options={needs.data} value={chosen} onChange={setChosen} />
			{stage && (
				<>
					<p className="mt-3">
						<b>{stage.wants}</b>{" "}
						<span className="soft">
							From common practice; what each plant brings is much believed and little measured.
						</span>
					</p>
					<ul className="possibles">
						{stage.brews.map((brew) => (
							<li key={brew.productId} className="possible">
								<b>{brew.name}</b>
								<span className="soft">
									{brew.strength} · {brew.markWords}
								</span>
								<span className="ways">
									{brew.ways.map((way) => (
										<Link key={way.methodId} className="btn btn-outline" to={recipeAddress(way.methodId)}>
											{way.school}
										</Link>
									))}
								</span>
							</li>
						))}
					</ul>
				</>
			)}
		</section>
	);
}
