import type { KeyboardEvent, ReactNode } from "react";

type Card<T extends string> = { readonly id: T };

type Props<T extends string, C extends Card<T>> = {
	readonly label: string;
	readonly cards: readonly C[];
	readonly value: T;
	readonly onChange: (value: T) => void;
	/** Classes of the group and of each card. */
	readonly look: { readonly group: string; readonly card: string };
	readonly children: (card: C, taken: boolean) => ReactNode;
};

const STEPS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** A row or list of big choices, one of them taken. Arrow keys move between them, as between any radio buttons. */
export function RadioCards<T extends string, C extends Card<T>>({
	label,
	cards,
	value,
	onChange,
	look,
	children,
}: Props<T, C>) {
	const move = (event: KeyboardEvent<HTMLElement>, index: number) => {
		const step = STEPS[event.key];
		const next = step === undefined ? undefined : cards.at((index + step) % cards.length);
		if (next) {
			event.preventDefault();
			onChange(next.id);
			const radios = event.currentTarget.parentElement?.querySelectorAll<HTMLElement>("[role=radio]");
			radios?.[cards.indexOf(next)]?.focus();
		}
	};
	return (
		<div className={look.group} role="radiogroup" aria-label={label}>
			{cards.map((card, index) => (
				// biome-ignore lint/a11y/useSemanticElements: a button in the role of a radio takes the whole card as its target
				<button
					key={card.id}
					type="button"
					role="radio"
					className={look.card}
					aria-checked={card.id === value}
					tabIndex={card.id === value ? 0 : -1}
					onClick={() => onChange(card.id)}
					onKeyDown={(event) => move(event, index)}
				>
					{children(card, card.id === value)}
				</button>
			))}
		</div>
	);
}
