import type { ReactElement } from "react";
import { AirGauge } from "./drawings/AirGauge";
import { BranSqueeze } from "./drawings/BranSqueeze";
import { CanBars } from "./drawings/CanBars";
import type { Face } from "./drawings/face";
import { HeapThermometer } from "./drawings/HeapThermometer";
import { MeasuringGlass } from "./drawings/MeasuringGlass";
import { RatioGlass } from "./drawings/RatioGlass";
import { ShellScale } from "./drawings/ShellScale";
import { SugarGauge } from "./drawings/SugarGauge";
import { TapGlass } from "./drawings/TapGlass";

const DRAWINGS: Readonly<Record<string, (face: Face) => ReactElement>> = {
	ratio: RatioGlass,
	shells: ShellScale,
	sugar: SugarGauge,
	bran: BranSqueeze,
	air: AirGauge,
	water: TapGlass,
	heap: HeapThermometer,
	can: CanBars,
};

type Props = Face & {
	readonly id: string;
	/** What the picture says, for those who don't see it. */
	readonly words: string;
	readonly small?: boolean;
};

/** The picture of an instrument: it answers as its entries are turned. */
export function InstrumentDrawing({ id, shown, words, small }: Props) {
	const Drawing = DRAWINGS[id] ?? MeasuringGlass;
	return (
		<svg className={small ? "instrument small" : "instrument"} viewBox="0 0 260 150" role="img" aria-label={words}>
			<Drawing shown={shown} />
		</svg>
	);
}
