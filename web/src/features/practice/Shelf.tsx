import type { PracticePot } from "../../api/types";
import { PotSight } from "./PotSight";

type Props = {
	readonly pots: readonly PracticePot[];
	readonly chosen: number;
	readonly onChoose: (number: number) => void;
};

/** All pots side by side; the one that is chosen is the one that hands work on. */
export function Shelf({ pots, chosen, onChoose }: Props) {
	return (
		<fieldset className="practice-shelf">
			<legend className="visually-hidden">Which pot</legend>
			{pots.map((pot, number) => (
				<button
					key={pot.name}
					type="button"
					className="practice-one"
					aria-pressed={number === chosen}
					onClick={() => onChoose(number)}
				>
					<PotSight pot={pot} hidden />
					<b>{pot.name}</b>
					<span className="small soft">{pot.seen}</span>
				</button>
			))}
		</fieldset>
	);
}
