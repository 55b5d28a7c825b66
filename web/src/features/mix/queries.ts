import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { MixRequest, Poured } from "../../api/types";
import { type Act, sendPour, useSendOrKeep } from "../../outbox";
import type { Target } from "./wish";

export const plantingsQuery = queryOptions({
	queryKey: ["plantings", "list"],
	queryFn: () => answer(client.GET("/api/plantings")),
});

/** A mix worked out by the server for what is chosen. */
export function mixQuery(request: MixRequest, units: string | undefined, level: string | undefined) {
	return queryOptions({
		queryKey: ["mixes", "work", units, level, request],
		queryFn: () => answer(client.POST("/api/mixes", { body: request })),
		staleTime: 0,
	});
}

/** Which bottles suit some plantings, the fittest first, each with its reason; nothing is asked for none chosen. */
export function offersQuery(
	plantingIds: readonly string[] | undefined,
	target: Target | undefined,
	at: string | undefined,
) {
	return queryOptions({
		queryKey: ["mixes", "offers", plantingIds, target, at],
		queryFn: () =>
			answer(client.POST("/api/mixes/offers", { body: { plantingIds: [...(plantingIds ?? [])], target, at } })),
		enabled: plantingIds !== undefined,
		staleTime: 0,
	});
}

/** What a pour changes. The question that it answered is not asked again. */
const TOUCHED = ["bottles", "beds", "round", "feeds"];

/** A pour as it is asked for, and as it is kept where nothing answers: word for word what was shown. */
export type Pouring = {
	readonly key: string;
	readonly name: string;
	readonly request: MixRequest;
	readonly kept: Extract<Act, { kind: "pour" }>;
};

/** Pours; absent is the answer where the pour is kept here until something answers. */
export function usePour() {
	const queryClient = useQueryClient();
	const sendOrKeep = useSendOrKeep();
	return useMutation({
		mutationFn: ({ key, name, request, kept }: Pouring): Promise<Poured | undefined> =>
			sendOrKeep(key, name, kept, () => sendPour({ request }, { key })),
		onSettled: () => Promise.all(TOUCHED.map((name) => queryClient.invalidateQueries({ queryKey: [name] }))),
	});
}

/** Takes a pour back: within the hour as it is, later with a reason. */
export function useUndo() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ id, reason }: { id: string; reason?: string }) =>
			answer(client.POST("/api/feeds/{id}/undo", { params: { path: { id } }, body: { reason } })),
		// What the server said is shown at once; everything that it touches is asked anew beside it.
		onSettled: () => {
			for (const name of TOUCHED) {
				queryClient.invalidateQueries({ queryKey: [name] });
			}
		},
	});
}

export const feedsQuery = queryOptions({
	queryKey: ["feeds", "list"],
	queryFn: () => answer(client.GET("/api/feeds")),
});

/** A strength as somebody says it, beside another. */
export function useSaying(saying: string, other: string) {
	return useQuery({
		queryKey: ["strengths", saying, other],
		queryFn: () => answer(client.POST("/api/strengths", { body: { saying, other } })),
		enabled: saying.trim() !== "",
		retry: false,
	});
}
