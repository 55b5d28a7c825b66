import { troubleAt } from "../../api/problem";
import type { PlaceKind, PlaceRequest } from "../../api/types";
import { TextField } from "../../shared/TextField";

type Props = {
	readonly id: string;
	readonly kind?: PlaceKind;
	readonly wish: PlaceRequest;
	readonly error: unknown;
	readonly onChange: (part: Partial<PlaceRequest>) => void;
};

/** How warm it is there: steady, or following the weather; empty as its kind usually is. */
export function WarmthFields(props: Props) {
	return props.kind && props.kind.fields.temperature !== "" ? (
		<Steady {...props} usual={props.kind.fields.temperature} />
	) : (
		<WithTheWeather {...props} />
	);
}

function Steady({ id, usual, wish, error, onChange }: Props & { readonly usual: string }) {
	return (
		<TextField
			id={`place-warmth-${id}`}
			as="TEMPERATURE"
			label="Steady warmth"
			value={wish.temperature ?? ""}
			problem={troubleAt(error, "temperature")}
			hint={`as usual where empty: ${usual}`}
			onChange={(temperature) => onChange({ temperature })}
		/>
	);
}

function WithTheWeather({ id, kind, wish, error, onChange }: Props) {
	return (
		<>
			<TextField
				id={`place-warmer-${id}`}
				label="Warmer than outdoors by"
				value={wish.warmer ?? ""}
				problem={troubleAt(error, "warmer")}
				hint={`degrees; as usual where empty: ${kind?.fields.warmer ?? ""}`}
				onChange={(warmer) => onChange({ warmer })}
			/>
			<TextField
				id={`place-damping-${id}`}
				label="How much of the day's swing arrives"
				value={wish.damping ?? ""}
				problem={troubleAt(error, "damping")}
				hint={`1 is all of it; as usual where empty: ${kind?.fields.damping ?? ""}`}
				onChange={(damping) => onChange({ damping })}
			/>
			<TextField
				id={`place-lag-${id}`}
				label="Hours it lags behind"
				value={wish.lagHours ?? ""}
				problem={troubleAt(error, "lagHours")}
				hint={`as usual where empty: ${kind?.fields.lagHours ?? ""}`}
				onChange={(lagHours) => onChange({ lagHours })}
			/>
		</>
	);
}
