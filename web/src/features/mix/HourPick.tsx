import Button from "react-bootstrap/Button";
import type { Mix } from "../../api/types";
import { Options } from "../../shared/Options";

const NOW = "now";

type Props = {
	readonly hour: Mix["hour"];
	/** The moment asked for; now, where none is. */
	readonly at: string | undefined;
	readonly onChange: (at: string | undefined) => void;
};

/** When it is to be poured: now, this evening, tomorrow early; and the next good hour where this is none. */
export function HourPick({ hour, at, onChange }: Props) {
	const options: { id: string; words: string }[] = hour.choices.map((choice) => ({
		id: choice.name === NOW ? NOW : choice.at,
		words: choice.name === NOW ? "Now" : choice.words,
	}));
	if (at && !options.some((option) => option.id === at)) {
		options.push({ id: at, words: hour.words });
	}
	const next = hour.next;
	return (
		<>
			<Options
				label="When it is poured"
				options={options}
				value={at ?? NOW}
				onChange={(id) => onChange(id === NOW ? undefined : id)}
			/>
			{next && (
				<p className="mb-1">
					Next good hour: <b>{next.words}</b>.{" "}
					<Button variant="link" className="p-0" onClick={() => onChange(next.at)}>
						mix for then
					</Button>
				</p>
			)}
		</>
	);
}
