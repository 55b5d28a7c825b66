/** Labels lead to a short address of the garden; older ones to a longer one. */
const ON_A_LABEL = /\/(?:c|codes)\/([a-z0-9]{1,8})\/?$/i;
const BARE = /^[a-z0-9]{1,8}$/i;

/** The code that a scanned text stands for, as it is written on body and lid; absent where it is nothing of a garden. */
export function codeIn(text: string): string | undefined {
	const said = text.trim();
	return (ON_A_LABEL.exec(said)?.[1] ?? BARE.exec(said)?.[0])?.toUpperCase();
}
