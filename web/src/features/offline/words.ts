import type { Act, Waiting } from "../../outbox";

const WORDS: Record<Act["kind"], readonly [one: string, many: string]> = {
	visit: ["a visit", "visits"],
	picture: ["a picture", "pictures"],
	pour: ["a feed", "feeds"],
	fed: ["a feed", "feeds"],
	look: ["a look", "looks"],
	watering: ["a watering", "waterings"],
};

/** "a visit", "a picture". */
export function wordsOf(act: Act): string {
	return WORDS[act.kind][0];
}

/** "2 visits, a picture" */
export function counted(entries: readonly Waiting[]): string {
	const many = new Map<string, { readonly one: string; count: number }>();
	for (const { act } of entries) {
		const [one, name] = WORDS[act.kind];
		const so = many.get(name);
		many.set(name, { one, count: (so?.count ?? 0) + 1 });
	}
	return [...many].map(([name, { one, count }]) => (count === 1 ? one : `${count} ${name}`)).join(", ");
}
