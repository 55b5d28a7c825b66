import { Link } from "react-router";
import type { Pot } from "../../api/types";
import { Tag } from "../../shared/Tag";
import { WorkingMark } from "../../shared/WorkingMark";
import { recipeAddress } from "../newpot";

/** What a pot was made from, what was made from it, and what could be. */
export function FamilyCard({ pot }: { readonly pot: Pot }) {
	const { line } = pot;
	const ended = pot.state === "EMPTIED";
	const nothing =
		line.from.length === 0 &&
		line.bottles.length === 0 &&
		line.into.length === 0 &&
		line.next.length === 0 &&
		!line.splitFrom &&
		!line.refills &&
		!ended;
	if (nothing) {
		return null;
	}
	return (
		<section aria-labelledby="family-title" className="mt-3">
			<h2 id="family-title">Family line</h2>
			<ul className="card-lines">
				{line.from.map((origin) => (
					<li key={origin.code}>
						from {origin.amount} of{" "}
						{origin.potId ? <Link to={`/pots/${origin.potId}`}>{origin.name}</Link> : origin.name}{" "}
						<Tag code={origin.code} />
					</li>
				))}
				{line.splitFrom && (
					<li>
						split off <Link to={`/pots/${line.splitFrom.id}`}>{line.splitFrom.name}</Link>
					</li>
				)}
				{line.refills && (
					<li>
						set on the residue of <Link to={`/pots/${line.refills.id}`}>{line.refills.name}</Link>
					</li>
				)}
				{line.bottles.map((bottle) => (
					<li key={bottle.id}>
						<Tag code={bottle.code} /> {bottle.level} left, {bottle.useByWords}
					</li>
				))}
				{line.into.map((made) => (
					<li key={made.id}>
						into <Link to={`/pots/${made.id}`}>{made.name}</Link>{" "}
						<small className="soft">{made.title.toLowerCase()}</small>
					</li>
				))}
			</ul>
			{line.next.length > 0 && (
				<>
					<h3 className="mt-2">Next stage</h3>
					<ul className="card-lines">
						{line.next.map((next) => (
							<li key={`${next.methodId} ${next.bottleCode}`}>
								<Link to={nextAddress(next)}>
									{next.title}, {next.school.toLowerCase()}
								</Link>{" "}
								<small className="soft">
									with {next.amount} of {next.bottleCode}
									{next.hurry && `, ${next.hurry}`}
								</small>
							</li>
						))}
					</ul>
				</>
			)}
			{line.shellsLeft && (
				<p className="mt-2 mb-0">
					{line.shellsLeft.words} <WorkingMark of="Shells left over" working={line.shellsLeft.working} />
				</p>
			)}
			{ended && (
				<p className="mt-2">
					<Link className="btn btn-outline" to={`${againAddress(pot)}`}>
						Fill {pot.summary.code} again
					</Link>
				</p>
			)}
		</section>
	);
}

function nextAddress(next: Pot["line"]["next"][number]): string {
	return `${recipeAddress(next.methodId, { [next.partId]: next.amount })}&from.${next.partId}=${next.bottleId}`;
}

function againAddress(pot: Pot): string {
	return `${recipeAddress(pot.methodId)}&vessel=${pot.vesselId}&refills=${pot.summary.id}`;
}
