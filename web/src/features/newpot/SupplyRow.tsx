import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import type { Recipe } from "../../api/types";
import { WorkingMark } from "../../shared/WorkingMark";
import { goalAddress } from "../plan";
import { recipeAddress } from "./draft";

type Part = Recipe["amounts"][number];

type Props = {
	readonly part: Part;
	readonly supply: NonNullable<Part["supply"]>;
	readonly onFrom: (bottles: string[] | undefined) => void;
};

const OLDEST = "oldest";
const ELSEWHERE = "elsewhere";

/** Which bottle a brewed part comes from, and how to have what is missing. */
export function SupplyRow({ part, supply, onFrom }: Props) {
	const choose = (id: string) => onFrom(id === OLDEST ? undefined : id === ELSEWHERE ? [] : [id]);
	return (
		<tr className="supply">
			<td colSpan={3}>
				<b>{supply.from.length > 0 ? "From the store:" : `${part.name}:`}</b> {supply.words}.
				{supply.missing && (
					<>
						{" "}
						{supply.missing.words} <WorkingMark of={`How long ${part.name} takes`} working={supply.missing.working} />{" "}
						<Link className="in-line" to={recipeAddress(supply.missing.methodId)}>
							Set {supply.missing.title} first
						</Link>{" "}
						or{" "}
						<Link
							className="in-line"
							to={goalAddress({
								product: supply.missing.productId,
								amount: supply.missing.amount,
								by: supply.missing.by,
							})}
						>
							plan it
						</Link>
						.
					</>
				)}
				{supply.bottles.length > 0 && (
					<Form.Select
						className="supply-choice"
						aria-label={`Where ${part.name} comes from`}
						value={chosen(supply)}
						onChange={(event) => choose(event.target.value)}
					>
						<option value={OLDEST}>{supply.bottles.length > 1 ? "the oldest first" : supply.bottles[0]?.words}</option>
						{supply.bottles.length > 1 &&
							supply.bottles.map((bottle) => (
								<option key={bottle.id} value={bottle.id}>
									{bottle.words}
								</option>
							))}
						<option value={ELSEWHERE}>from elsewhere, not from the store</option>
					</Form.Select>
				)}
			</td>
		</tr>
	);
}

/** One bottle that isn't the first was chosen; the first alone is what the oldest first means. */
function chosen({ from, bottles }: Props["supply"]): string {
	if (from.length === 0) {
		return ELSEWHERE;
	}
	return from.length === 1 && from[0] !== bottles[0]?.id ? (from[0] ?? OLDEST) : OLDEST;
}
