import { type ReactNode, useState } from "react";
import Button from "react-bootstrap/Button";
import type { PotSummary } from "../../api/types";

/** So many rows of a place are seen at once; a garden of many places sees fewer of each. */
const ROWS = 12;
const ROWS_IN_ALL = 120;
const FEW = 3;
const MORE = 24;

type Props<Row> = {
	readonly place: string;
	readonly places: number;
	readonly rows: readonly Row[];
	readonly draw: (row: Row) => ReactNode;
};

/** Pots of one place. Beyond a dozen they fold: what wants hands is seen, the others are told by their number. */
export function FoldedRows<Row extends { readonly id: string }>({ place, places, rows, draw }: Props<Row>) {
	const [more, setMore] = useState(0);
	const seen = Math.min(ROWS, Math.max(FEW, Math.floor(ROWS_IN_ALL / places))) + more;
	const folded = rows.length > seen;
	const shown = folded ? rows.toSorted((one, other) => pressing(other) - pressing(one)).slice(0, seen) : rows;
	return (
		<>
			{shown.map(draw)}
			{folded && (
				<Button variant="link" onClick={() => setMore(more + MORE)}>
					{rows.length - seen} more in {place}
				</Button>
			)}
		</>
	);
}

function pressing(row: Partial<PotSummary>): number {
	if (row.urgent || row.verdict === "THROW_AWAY") {
		return 2;
	}
	return row.verdict === "READY" ? 1 : 0;
}
