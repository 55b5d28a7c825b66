import type { Stop } from "../../api/types";

type Props = {
	readonly stops: readonly Stop[];
	readonly chosen?: string;
	readonly onChoose: (id: string) => void;
};

/** On the phone: the walk as a row, a piece a stop, so that one thumb sees how far it is and goes to any. */
export function Segments({ stops, chosen, onChoose }: Props) {
	return (
		<nav className="segments" aria-label="Stops">
			{stops.map((stop) => (
				<button
					key={stop.id}
					type="button"
					className={`segment${stop.done ? " done" : ""}${stop.pressing ? " pressing" : ""}`}
					aria-current={stop.id === chosen ? "step" : undefined}
					aria-label={`${stop.code} ${stop.name}${stop.done ? ", done" : ""}`}
					onClick={() => onChoose(stop.id)}
				/>
			))}
		</nav>
	);
}
