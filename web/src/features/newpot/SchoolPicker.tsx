import { Link } from "react-router";
import type { MethodCard } from "../../api/types";
import { RadioCards } from "../../shared/RadioCards";

type Props = {
	readonly methods: readonly MethodCard[];
	readonly chosen: string;
	readonly onChoose: (id: string) => void;
};

const LOOK = { group: "schools", card: "school" };

/** The ways of making it, side by side. */
export function SchoolPicker({ methods, chosen, onChoose }: Props) {
	return (
		<>
			<RadioCards label="Way of making it" cards={methods} value={chosen} onChange={onChoose} look={LOOK}>
				{(method) => (
					<>
						<b>{method.school}</b>
						{method.window} · {method.does}. <br />
						{method.costs}
					</>
				)}
			</RadioCards>
			<p className="small mb-2">
				<Link className="in-line" to={`/book/schools/${methods[0]?.product}`}>
					Compare all ways, line by line
				</Link>
			</p>
		</>
	);
}
