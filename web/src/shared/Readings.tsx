type Props = {
	readonly readings?: readonly string[];
	readonly words?: string;
	readonly onTake: (reading: string) => void;
};

/** What an unclear entry could mean, each a button: it is asked, never guessed. */
export function Readings({ readings, words = "Which do you mean?", onTake }: Props) {
	if (!readings || readings.length === 0) {
		return null;
	}
	return (
		<fieldset className="readings">
			<legend className="small soft mb-1">{words}</legend>
			{readings.map((reading) => (
				<button key={reading} type="button" className="option" onClick={() => onTake(reading)}>
					{reading}
				</button>
			))}
		</fieldset>
	);
}
