import { Link } from "react-router";
import type { Facts } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useFacts } from "./queries";

/** The craft's numbers that belong to no single method. */
export function FactsPage() {
	const facts = useFacts();
	if (facts.isPending) {
		return <p className="pots">Turning to the tables …</p>;
	}
	if (!facts.data) {
		return (
			<div className="pots">
				<ProblemNote error={facts.error} />
			</div>
		);
	}
	return (
		<div className="pots facts">
			<p className="soft mb-1">
				<Link className="in-line" to="/book">
					Book
				</Link>
			</p>
			<h1 className="mb-3">Numbers of the craft</h1>
			<div className="fact-pages">
				{facts.data.pages.map((page) => (
					<section key={page.id} aria-labelledby={`facts-${page.id}`}>
						<h2 id={`facts-${page.id}`}>{page.title}</h2>
						<ul className="card-lines">
							{page.lines.map((line) => (
								<li key={line.words}>
									{line.words}{" "}
									<small className="soft">
										{line.markWords}
										{line.source && ` · ${line.source}`}
									</small>
								</li>
							))}
						</ul>
					</section>
				))}
				<LidTable lids={facts.data.lids} />
				<OxygenTable oxygen={facts.data.oxygen} />
			</div>
			<MaterialTable materials={facts.data.materials} />
		</div>
	);
}

function LidTable({ lids }: { readonly lids: Facts["lids"] }) {
	return (
		<section aria-labelledby="facts-lids">
			<h2 id="facts-lids">Which lid lets which gas out</h2>
			<table className="fact-table">
				<thead>
					<tr>
						<td />
						{lids[0]?.cells.map((cell) => (
							<th key={cell.gas} scope="col">
								{cell.gas}
							</th>
						))}
					</tr>
				</thead>
				<tbody>
					{lids.map((lid) => (
						<tr key={lid.lid}>
							<th scope="row">{lid.lid}</th>
							{lid.cells.map((cell) => (
								<td key={cell.gas} className={cell.allowed ? undefined : "lack"}>
									{cell.allowed ? "yes" : "never"}
								</td>
							))}
						</tr>
					))}
				</tbody>
			</table>
			<p className="soft small">common practice</p>
		</section>
	);
}

function OxygenTable({ oxygen }: { readonly oxygen: Facts["oxygen"] }) {
	return (
		<section aria-labelledby="facts-oxygen">
			<h2 id="facts-oxygen">Oxygen that water holds</h2>
			<table className="fact-table">
				<tbody>
					{oxygen.map((line) => (
						<tr key={line.temperature}>
							<th scope="row">{line.temperature}</th>
							<td>{line.saturation}</td>
						</tr>
					))}
				</tbody>
			</table>
			<p className="soft small">
				Fresh water at sea level, derived · {oxygen[0]?.source}. At h metres × (1 − 2.25577e−5 · h)^5.25588.
			</p>
		</section>
	);
}

function MaterialTable({ materials }: { readonly materials: Facts["materials"] }) {
	return (
		<section aria-labelledby="facts-materials" className="mt-3 schools-scroll">
			<h2 id="facts-materials">What things weigh and hold</h2>
			<table className="fact-table">
				<thead>
					<tr>
						<th scope="col">material</th>
						<th scope="col">in a level cup</th>
						<th scope="col">water</th>
						<th scope="col">sugar</th>
						<th scope="col">counted</th>
						<th scope="col">mark</th>
					</tr>
				</thead>
				<tbody>
					{materials.map((line) => (
						<tr key={line.name}>
							<th scope="row">{line.name}</th>
							<td>{line.density}</td>
							<td>{line.water}</td>
							<td>{line.sugar}</td>
							<td>{line.counted}</td>
							<td className="soft">{line.markWords}</td>
						</tr>
					))}
				</tbody>
			</table>
		</section>
	);
}
