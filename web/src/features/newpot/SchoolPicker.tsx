import type { Method } from "../../api/types";
import { RadioCards } from "../../shared/RadioCards";

type Props = {
	readonly methods: readonly Method[];
	readonly chosen: string;
	readonly onChoose: (id: string) => void;
};

const LOOK = { group: "schools", card: "school" };

/** The ways of making it, side by side. */
export function SchoolPicker({ methods, chosen, onChoose }: Props) {
	return (
		<RadioCards label="Way of making it" cards={methods} value={chosen} onChange={onChoose} look={LOOK}>
			{(method) => (
				<>
					<b>{method.school}</b>
					{method.window} · {method.does}. <br />
					{method.costs}
				</>
			)}
		</RadioCards>
	);
}
