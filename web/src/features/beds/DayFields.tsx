import { problemAt } from "../../api/problem";
import type { PlantingRequest } from "../../api/types";
import { DayField } from "../../shared/DayField";

type Props = {
	readonly prefix: string;
	readonly value: PlantingRequest;
	readonly error: unknown;
	readonly onChange: (part: Partial<PlantingRequest>) => void;
};

/** When it was sown, and when it is picked next. */
export function DayFields({ prefix, value: typed, error, onChange }: Props) {
	return (
		<div className="needs">
			<DayField
				id={`sown-${prefix}`}
				label="Sown"
				value={typed.sown ?? ""}
				onChange={(sown) => onChange({ sown: sown || undefined })}
			/>
			<DayField
				id={`harvest-${prefix}`}
				label="Next picking"
				value={typed.harvest ?? ""}
				problem={problemAt(error, "harvest")}
				onChange={(harvest) => onChange({ harvest: harvest || undefined })}
			/>
		</div>
	);
}
