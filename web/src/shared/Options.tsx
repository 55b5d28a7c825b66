type Option<T extends string> = { readonly id: T; readonly words: string };

type Props<T extends string> = {
	readonly label: string;
	readonly options: readonly Option<T>[];
	readonly value: T;
	readonly onChange: (value: T) => void;
};

/** A row of big choices, one of them taken. Arrow keys move between them, as between any radio buttons. */
export function Options<T extends string>({ label, options, value, onChange }: Props<T>) {
	return (
		<div className="options" role="radiogroup" aria-label={label}>
			{options.map((option, index) => (
				// biome-ignore lint/a11y/useSemanticElements: a button in the role of a radio takes the whole pad as its target
				<button
					key={option.id}
					type="button"
					role="radio"
					className="option"
					aria-checked={option.id === value}
					tabIndex={option.id === value ? 0 : -1}
					onClick={() => onChange(option.id)}
					onKeyDown={(event) => moveFocus(event, options, index, onChange)}
				>
					{option.words}
				</button>
			))}
		</div>
	);
}

/** Takes the neighbour that an arrow key points to, and the focus with it. */
export function moveFocus<T extends string>(
	event: React.KeyboardEvent<HTMLElement>,
	options: readonly { readonly id: T }[],
	index: number,
	onChange: (value: T) => void,
): void {
	const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
	if (step === undefined) {
		return;
	}
	event.preventDefault();
	const next = options[(index + step + options.length) % options.length];
	if (next) {
		onChange(next.id);
		const group = event.currentTarget.closest("[role=radiogroup]");
		const radios = group?.querySelectorAll<HTMLElement>("[role=radio]");
		radios?.[(index + step + options.length) % options.length]?.focus();
	}
}
