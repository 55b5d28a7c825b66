import type { Trouble } from "../api/problem";
import { Readings } from "./Readings";
import { SizeQuestion } from "./SizeQuestion";

type Props = {
	readonly trouble?: Trouble;
	/** Takes one of the readings. */
	readonly onTake: (reading: string) => void;
};

/** What has to be asked about an entry: which of its readings is meant, or how large a measure of the gardener's own is. */
export function Asked({ trouble, onTake }: Props) {
	if (trouble?.measure) {
		return <SizeQuestion measure={trouble.measure} offers={trouble.readings ?? []} />;
	}
	return <Readings readings={trouble?.readings} onTake={onTake} />;
}
