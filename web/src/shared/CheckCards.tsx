import type { ReactNode } from "react";

type Card = { readonly id: string };

type Props<C extends Card> = {
	readonly label: string;
	readonly cards: readonly C[];
	readonly chosen: readonly string[];
	readonly onToggle: (id: string) => void;
	readonly look: { readonly group: string; readonly card: string };
	readonly children: (card: C, taken: boolean) => ReactNode;
};

/** A list of big choices, any number of them taken. */
export function CheckCards<C extends Card>({ label, cards, chosen, onToggle, look, children }: Props<C>) {
	return (
		<fieldset className={look.group} aria-label={label}>
			{cards.map((card) => {
				const taken = chosen.includes(card.id);
				return (
					// biome-ignore lint/a11y/useSemanticElements: a button in the role of a checkbox takes the whole card as its target
					<button
						key={card.id}
						type="button"
						role="checkbox"
						className={look.card}
						aria-checked={taken}
						onClick={() => onToggle(card.id)}
					>
						{children(card, taken)}
					</button>
				);
			})}
		</fieldset>
	);
}
