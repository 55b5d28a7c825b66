import { drop, keep, put, type Waiting } from "../../outbox";

/** One way to answer what the server asks. */
type Way = { readonly words: string; readonly give: () => Promise<void> };

const ODD_READING = /^odd-reading-/;
/** The bottle doesn't hold it, or was measured since: the feed can still be told. */
const NOT_FROM_THE_BOTTLE = new Set(["bottle-short", "bottle-measured"]);

/** How a question about something that waited can be answered, besides by letting it go. */
export function answersTo(entry: Waiting): readonly Way[] {
	const { act, question } = entry;
	const again = { words: "Try it again", give: () => put({ ...entry, question: undefined }) };
	if (act.kind === "visit" && question && ODD_READING.test(question.code)) {
		const check = { ...act.check, confirmed: [...act.check.confirmed, question.code] };
		return [
			{
				words: "It is right: log it",
				give: () => put({ ...entry, act: { ...act, check }, question: undefined }),
			},
		];
	}
	if (act.kind === "pour" && question && NOT_FROM_THE_BOTTLE.has(question.code) && act.told.length > 0) {
		return [{ words: "Write it down as fed, from no bottle", give: () => asFed(entry, act.told) }, again];
	}
	return [again];
}

/** The same feeds, told: they count for what was fed, and no bottle is touched. */
async function asFed(entry: Waiting, told: readonly (Waiting["act"] & { kind: "fed" })["feed"][]): Promise<void> {
	for (const feed of told) {
		await keep({ key: crypto.randomUUID(), at: entry.at, by: entry.by, name: entry.name, act: { kind: "fed", feed } });
	}
	await drop(entry.key);
}
