import type { Bottle } from "../api/types";

/** How a brew is drawn; an answer that was kept before brews had a colour has none. */
export function brewColour(colour: Bottle["colour"] | undefined): string {
	return `var(--brew-${(colour ?? "BROWN").toLowerCase()})`;
}
