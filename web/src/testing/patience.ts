/**
 * How long tests wait before they call something missing, in milliseconds; the one place where that is said. Generous, as nothing
 * is measured by it: a slow, busy machine must come to the same result as a fast one.
 */
export const PATIENCE = { test: 240_000, query: 60_000 } as const;
