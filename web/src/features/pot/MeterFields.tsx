import { type ReactNode, useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt } from "../../api/problem";
import type { Meter } from "../../api/types";
import { capital } from "../../shared/words";
import { useReadMeter } from "./queries";

type Name = Meter["meter"];

type Props = {
	readonly potId: string;
	readonly meters: readonly Meter[];
	readonly values: Readonly<Record<string, string>>;
	readonly simulated: ReadonlySet<Name>;
	readonly error: unknown;
	readonly onChange: (meter: Name, text: string, simulated: boolean) => void;
};

/** Readings of a visit: warmth at once, the other meters on demand; each may be read off a stand-in. */
export function MeterFields({ potId, meters, values, simulated, error, onChange }: Props) {
	const [all, setAll] = useState(false);
	const shown = meters.filter(
		(one) => all || one.meter === "THERMOMETER" || values[one.meter] !== undefined || problemOf(error, one.meter),
	);
	return (
		<>
			{shown.map((meter) => (
				<MeterField
					key={meter.meter}
					potId={potId}
					meter={meter}
					value={values[meter.meter] ?? ""}
					simulated={simulated.has(meter.meter)}
					problem={problemOf(error, meter.meter)}
					onChange={(text, standIn) => onChange(meter.meter, text, standIn)}
				>
					{meter.meter === "THERMOMETER" && shown.length < meters.length && (
						<Button variant="link" onClick={() => setAll(true)}>
							pH, EC, Brix, weight …
						</Button>
					)}
				</MeterField>
			))}
		</>
	);
}

function problemOf(error: unknown, meter: Name): string | undefined {
	return problemAt(error, `readings.${meter}`);
}

type FieldProps = {
	readonly potId: string;
	readonly meter: Meter;
	readonly value: string;
	readonly simulated: boolean;
	readonly problem?: string;
	readonly onChange: (text: string, simulated: boolean) => void;
	readonly children?: ReactNode;
};

const EXAMPLE: Readonly<Record<Name, string>> = {
	THERMOMETER: "19.5 °C",
	PH: "3.9",
	EC: "1.8 mS/cm",
	BRIX: "18 °Bx",
	OXYGEN: "8.2 mg/L",
	SCALE: "1.2 kg",
};

function MeterField({ potId, meter, value, simulated, problem, onChange, children }: FieldProps) {
	const read = useReadMeter(potId);
	const id = `meter-${meter.meter}`;
	const name = meter.meter === "PH" || meter.meter === "EC" ? meter.words : capital(meter.words);
	return (
		<>
			<label htmlFor={id}>{name}</label>
			<div className="meter">
				<Form.Control
					id={id}
					aria-describedby={`${id}-problem`}
					placeholder={EXAMPLE[meter.meter]}
					autoComplete="off"
					value={value}
					isInvalid={problem !== undefined}
					onChange={(event) => onChange(event.target.value, false)}
				/>
				{meter.standIn && (
					<Button
						variant="outline"
						disabled={read.isPending}
						aria-label={`Read the ${meter.words} meter, simulated`}
						onClick={() => read.mutate(meter.meter, { onSuccess: (shown) => onChange(shown.text, true) })}
					>
						read the meter
					</Button>
				)}
				{simulated && <span className="soft small">simulated</span>}
				{children}
			</div>
			<div className="invalid-feedback meter-problem" id={`${id}-problem`} role="alert">
				{problem}
			</div>
		</>
	);
}
