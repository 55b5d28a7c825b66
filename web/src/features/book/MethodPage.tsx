import { Link, useNavigate, useParams } from "react-router";
import type { Method } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { recipeAddress } from "../newpot/draft";
import { useMethod, useRetireOwn } from "./queries";

const MET_AT = {
	PICKING: "When picking",
	SETTING: "When setting it",
	WORKING: "While it works",
	BOTTLING: "When bottling",
	FEEDING: "When feeding",
} as const;

/** One method, to read like a good recipe card. */
export function MethodPage() {
	const { id = "" } = useParams();
	const method = useMethod(id);
	if (method.isPending) {
		return <p className="pots">Turning the page …</p>;
	}
	if (!method.data) {
		return (
			<div className="pots">
				<ProblemNote error={method.error} />
				<Link to="/book">Back to the book</Link>
			</div>
		);
	}
	return (
		<article className="card-page">
			<header>
				<p className="soft mb-1">
					<Link className="in-line" to="/book">
						Book
					</Link>{" "}
					· {method.data.family}
				</p>
				<h1>{method.data.card.title}</h1>
				<p className="card-school">
					<b>{method.data.card.school}:</b> {method.data.card.does}. {method.data.card.costs}
				</p>
				<Actions method={method.data} />
			</header>
			<div className="card-columns">
				<Ingredients method={method.data} />
				<Way method={method.data} />
				<Use method={method.data} />
			</div>
		</article>
	);
}

function Actions({ method }: { readonly method: Method }) {
	const { card } = method;
	const navigate = useNavigate();
	const retire = useRetireOwn();
	const file = `/api/book/methods/${card.id}/file`;
	return (
		<div className="actions">
			<Link className="btn btn-primary" to={recipeAddress(card.id)}>
				Make it
			</Link>
			<Link className="btn btn-outline" to={`/book/methods/${card.id}/own`}>
				{card.own ? "Change it" : "Copy and change"}
			</Link>
			{card.schools > 1 && (
				<Link className="btn btn-outline" to={`/book/schools/${card.product}`}>
					{card.schools} ways side by side
				</Link>
			)}
			<a className="btn btn-outline" href={`${file}?format=yaml`} download>
				As a file
			</a>
			<a className="btn btn-outline" href={`${file}?format=jsonld`} download>
				As HowTo
			</a>
			{card.own && (
				<button
					type="button"
					className="btn btn-link"
					disabled={retire.isPending}
					onClick={() => retire.mutate(card.id, { onSuccess: () => navigate("/book") })}
				>
					Put it away
				</button>
			)}
			{retire.error && <ProblemNote error={retire.error} />}
		</div>
	);
}

function Ingredients({ method }: { readonly method: Method }) {
	return (
		<section aria-label="What goes in">
			<h2>What goes in</h2>
			<table className="card-parts">
				<caption className="visually-hidden">Parts with their amounts and how far they can be trusted</caption>
				<tbody>
					{method.parts.map((part) => (
						<tr key={part.id}>
							<td className="amount">{part.amount}</td>
							<th scope="row">
								{part.name}{" "}
								<small className="soft">
									{[part.choices, part.note, part.basis, part.markWords].filter(Boolean).join(" · ")}
								</small>
							</th>
						</tr>
					))}
				</tbody>
			</table>
			<Lines title="Makes" lines={[method.makes]} />
			<Lines title="Vessel" lines={method.vessel} />
			<Lines title="Place" lines={method.place} />
			<Chain title="Made of other brews" links={method.madeOf} />
			<Chain title="Goes into" links={method.goesInto} />
		</section>
	);
}

function Way({ method }: { readonly method: Method }) {
	return (
		<section aria-label="How it is made">
			<h2>How it is made</h2>
			<ol className="card-steps">
				{method.steps.map((step) => (
					<li key={step.words}>{step.words}</li>
				))}
			</ol>
			{method.stages.map((stage) => (
				<p key={stage.name} className="stage-line">
					<b>{stage.name}:</b> {stage.window} <small className="soft">{stage.markWords}</small> · {stage.gas} ·{" "}
					{stage.care}
					{stage.readyWhen && <> · ready when: {stage.readyWhen}</>}
				</p>
			))}
			{method.slips.length > 0 && (
				<p>
					<b>Common slips:</b> {method.slips.join(" ")}
				</p>
			)}
			{method.claims.map((claim) => (
				<p key={claim.words} className={claim.belief ? "claim belief" : "claim"}>
					{claim.words} <small className="soft">{claim.markWords}</small>
				</p>
			))}
		</section>
	);
}

function Use({ method }: { readonly method: Method }) {
	return (
		<section aria-label="Keeping, using, dangers">
			<Lines title="Keeps" lines={method.keeps} />
			{method.uses.length > 0 && <h2>Strength</h2>}
			{method.uses.map((use) => (
				<div key={use.target} className="use-line">
					<b className="display">{use.strength}</b> on {use.target} <small className="soft">{use.markWords}</small>
					<br />
					<small>
						{[use.span && `${use.span}`, use.interval, use.harvest].filter(Boolean).join(" · ")}. {use.words.join(" ")}
					</small>
				</div>
			))}
			{method.cautions.length > 0 && <h2 className="mt-3">Dangers</h2>}
			{method.cautions.map(({ at, caution }) => (
				<div key={`${at} ${caution.title}`} className="note care">
					<b>{caution.title}</b>
					<span>
						<small>{MET_AT[at]}.</small> {caution.words}
					</span>
				</div>
			))}
		</section>
	);
}

function Lines({ title, lines }: { readonly title: string; readonly lines: Method["keeps"] }) {
	return (
		<>
			<h3>{title}</h3>
			<ul className="card-lines">
				{lines.map((line) => (
					<li key={line.words}>
						{line.words} <small className="soft">{line.markWords}</small>
					</li>
				))}
			</ul>
		</>
	);
}

function Chain({ title, links }: { readonly title: string; readonly links: Method["madeOf"] }) {
	if (links.length === 0) {
		return null;
	}
	return (
		<>
			<h3>{title}</h3>
			<ul className="card-lines links">
				{links.map((link) => (
					<li key={link.id}>
						<Link to={`/book/methods/${link.id}`}>
							{link.title}, {link.school.toLowerCase()}
						</Link>
					</li>
				))}
			</ul>
		</>
	);
}
