import { RadioCards } from "./RadioCards";

type Option<T extends string> = { readonly id: T; readonly words: string };

type Props<T extends string> = {
	readonly label: string;
	readonly options: readonly Option<T>[];
	readonly value: T;
	readonly onChange: (value: T) => void;
};

const LOOK = { group: "options", card: "option" };

/** A row of a few words to choose from. */
export function Options<T extends string>({ label, options, value, onChange }: Props<T>) {
	return (
		<RadioCards label={label} cards={options} value={value} onChange={onChange} look={LOOK}>
			{(option) => option.words}
		</RadioCards>
	);
}
