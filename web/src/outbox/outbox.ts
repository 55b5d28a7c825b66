import { createStore, del, type UseStore, values, set as write } from "idb-keyval";
import type { Act, Waiting } from "./act";

const CHANGED = "pot-mellow:outbox";
/** Where visits were kept before the browser's database. */
const BEFORE = "pot-mellow.outbox";

const otherTabs = new BroadcastChannel(CHANGED);
let opened: UseStore | undefined;
let entries: readonly Waiting[] = [];
let read: Promise<void> | undefined;

/** Everything that is kept, the first said first, as far as it was read. */
export function waiting(): readonly Waiting[] {
	return entries;
}

/** Reads what this browser has kept, once. */
export function open(): Promise<void> {
	read ??= refresh().then(moveIn);
	return read;
}

async function refresh(): Promise<void> {
	const all = await values<Waiting>(store());
	entries = all.sort((one, other) => one.order - other.order);
	window.dispatchEvent(new Event(CHANGED));
}

function store(): UseStore {
	opened ??= createStore("pot-mellow-outbox", "waiting");
	return opened;
}

/**
 * Keeps an act; once this is done it survives the browser and the device being switched off.
 *
 * @throws where the browser won't keep anything, as in a private window
 */
export function keep(entry: Omit<Waiting, "order">): Promise<void> {
	// Browsers clear away what nobody asked them to keep.
	navigator.storage?.persist?.().catch(() => {});
	const last = entries.at(-1)?.order ?? 0;
	return put({ ...entry, order: Math.max(last + 1, Date.now()) });
}

/** Says something new of what is kept; its place in the row stays. */
export async function put(entry: Waiting): Promise<void> {
	await open();
	await write(entry.key, entry, store());
	await changed();
}

/** Lets go of what is kept. */
export async function drop(key: string): Promise<void> {
	await open();
	await del(key, store());
	await changed();
}

async function changed(): Promise<void> {
	await refresh();
	otherTabs.postMessage(null);
}

/** Visits that an earlier version kept. */
async function moveIn(): Promise<void> {
	const before = window.localStorage.getItem(BEFORE);
	if (before === null) {
		return;
	}
	const kept: unknown = JSON.parse(before);
	for (const [place, one] of (Array.isArray(kept) ? kept : []).entries()) {
		const { at, ...check } = one.check;
		const act: Act = { kind: "visit", potId: one.potId, check };
		await write(one.key, { key: one.key, order: place, at, by: "", name: one.potName, act }, store());
	}
	window.localStorage.removeItem(BEFORE);
	await refresh();
}

/** Calls back whenever something was kept or let go, here or in another tab. */
export function onChange(call: () => void): () => void {
	const elsewhere = () => refresh().catch(() => {});
	window.addEventListener(CHANGED, call);
	otherTabs.addEventListener("message", elsewhere);
	return () => {
		window.removeEventListener(CHANGED, call);
		otherTabs.removeEventListener("message", elsewhere);
	};
}
