import { Link, useParams } from "react-router";
import { ProblemNote } from "../../shared/ProblemNote";
import { WorkingMark } from "../../shared/WorkingMark";
import { recipeAddress } from "../newpot/draft";
import { useSchools } from "./queries";

/** All ways of making one brew side by side, with what they differ in marked. */
export function SchoolsPage() {
	const { id = "" } = useParams();
	const schools = useSchools(id);
	if (schools.isPending) {
		return <p className="pots">Laying them side by side …</p>;
	}
	if (!schools.data) {
		return (
			<div className="pots">
				<ProblemNote error={schools.error} />
				<Link to="/book">Back to the book</Link>
			</div>
		);
	}
	const { schools: heads, rows } = schools.data;
	return (
		<div className="pots">
			<p className="soft mb-1">
				<Link className="in-line" to="/book">
					Book
				</Link>{" "}
				· {schools.data.product}
			</p>
			<h1 className="mb-2">
				{heads[0]?.title}: {heads.length} ways
			</h1>
			<p className="soft">A ≠ stands where they differ. Amounts are for the same amount of brew.</p>
			<section className="schools-scroll" aria-label="Side by side">
				<table className="side-by-side">
					<thead>
						<tr>
							<td />
							{heads.map((head) => (
								<th key={head.id} scope="col">
									<Link to={`/book/methods/${head.id}`}>{head.name}</Link>
								</th>
							))}
						</tr>
					</thead>
					<tbody>
						{rows.map((row) => (
							<tr key={row.aspect} className={row.differs ? "differs" : undefined}>
								<th scope="row">
									{row.differs && (
										<>
											<span aria-hidden="true">≠ </span>
											<span className="visually-hidden">They differ: </span>
										</>
									)}
									{row.aspect}
								</th>
								{row.cells.map((cell, index) => (
									<td key={heads[index]?.id}>
										{cell.words}
										<br />
										<WorkingMark of={`${row.aspect}: ${heads[index]?.name}`} working={cell.working} />
									</td>
								))}
							</tr>
						))}
						<tr>
							<td />
							{heads.map((head) => (
								<td key={head.id}>
									<Link className="btn btn-outline" to={recipeAddress(head.id)}>
										Choose this way
									</Link>
								</td>
							))}
						</tr>
					</tbody>
				</table>
			</section>
		</div>
	);
}
