import type { Query, QueryFunctionContext, QueryPersister } from "@tanstack/react-query";
import { clear, createStore, del, entries, get, set, type UseStore } from "idb-keyval";
import { problemFrom } from "../api/problem";

/** What a walk may ask for: the first word of a query's key. Anything else is of no use later, or not for keeping. */
const TAKEN = new Set([
	"me",
	"garden",
	"round",
	"pots",
	"bottles",
	"beds",
	"plantings",
	"crops",
	"feeds",
	"photos",
	"vessels",
	"places",
	"weather",
	"plan",
	"book",
	"mixes",
	"codes",
]);

const DAY_MS = 86_400_000;
/** Nobody should work by what is older than this. */
const LONGEST_MS = 14 * DAY_MS;
/** So long the server is waited for where an answer of before is at hand. */
const PATIENCE_MS = 4_000;

type Answered = { readonly at: number; readonly data: unknown };

let opened: UseStore | undefined;
function store(): UseStore {
	opened ??= createStore("pot-mellow-answers", "answers");
	return opened;
}

/** Forgets everything that was taken along: whoever is put out takes nothing with them. */
export async function forgetAnswers(): Promise<void> {
	await clear(store());
}

/** Lets go of what is too old to work by. */
export async function forgetOldAnswers(now: number): Promise<void> {
	for (const [key, answered] of await entries<string, Answered>(store())) {
		if (now - answered.at > LONGEST_MS) {
			await del(key, store());
		}
	}
}

/**
 * Asks the server, always. Its answers are kept in this browser; where it can't be reached the last answer stays, or is shown instead, with
 * its age: nothing that is shown becomes an error for want of a connection.
 *
 * @param mayKeep whether this device may keep anything
 */
export function answersAtHand(mayKeep: () => Promise<boolean>): QueryPersister {
	return async (queryFn, context, query) => {
		const ask = queryFn as (context: QueryFunctionContext) => unknown;
		const asked = Promise.resolve(ask(context as QueryFunctionContext));
		const isNewest = inTurn(query, asked);
		if (!TAKEN.has(String(query.queryKey[0]))) {
			return asked as never;
		}
		asked.then(
			(data) => (isNewest() ? keep(query.queryHash, { at: Date.now(), data }).catch(() => {}) : undefined),
			() => {},
		);
		return orBefore(asked, query, isNewest) as never;
	};

	async function keep(key: string, answered: Answered): Promise<void> {
		if (await mayKeep()) {
			await set(key, answered, store());
		}
	}
}

/** How often each was asked, and which of these askings was answered last. */
const turns = new WeakMap<Query, { asked: number; answered: number }>();

/**
 * Numbers an asking. Of two under way the later one may be answered first; what the earlier one then says is older, and counts no more.
 *
 * @returns whether nothing that was asked later has been answered
 */
function inTurn(query: Query, asked: Promise<unknown>): () => boolean {
	const turn = turns.get(query) ?? { asked: 0, answered: 0 };
	turns.set(query, turn);
	turn.asked += 1;
	const mine = turn.asked;
	asked.then(
		() => {
			turn.answered = Math.max(turn.answered, mine);
		},
		() => {},
	);
	return () => turn.answered <= mine;
}

/** The answer itself, or the one of before: where nothing answers, and where it takes long; then the answer follows. */
async function orBefore(fresh: Promise<unknown>, query: Query, isNewest: () => boolean): Promise<unknown> {
	const late = Symbol("late");
	let timer: ReturnType<typeof setTimeout> | undefined;
	const patience = new Promise<typeof late>((resolve) => {
		timer = setTimeout(() => resolve(late), PATIENCE_MS);
	});
	try {
		const first = await Promise.race([fresh, patience]);
		if (first !== late) {
			return first;
		}
		const answered = await find(query);
		if (answered === undefined) {
			return await fresh;
		}
		fresh.then(
			(data) => isNewest() && query.setData(data),
			() => {},
		);
		return shown(query, answered);
	} catch (failure) {
		const answered = problemFrom(failure).status === 0 ? await find(query) : undefined;
		if (answered === undefined) {
			throw failure;
		}
		return shown(query, answered);
	} finally {
		clearTimeout(timer);
	}
}

/** What the page shows already, or else what was kept. */
async function find(query: Query): Promise<Answered | undefined> {
	const { data, dataUpdatedAt } = query.state;
	return data === undefined
		? get<Answered>(query.queryHash, store()).catch(() => undefined)
		: { at: dataUpdatedAt, data };
}

/** As old as it is, not as it was fetched; told once the page has it. */
function shown(query: Query, answered: Answered): unknown {
	setTimeout(() => {
		if (query.state.data === answered.data) {
			query.setState({ dataUpdatedAt: answered.at });
		}
	});
	return answered.data;
}
