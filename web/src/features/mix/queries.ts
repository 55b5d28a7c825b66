import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { MixRequest } from "../../api/types";
import type { Target } from "./wish";

export const plantingsQuery = queryOptions({
	queryKey: ["plantings", "list"],
	queryFn: () => answer(client.GET("/api/plantings")),
});

/** A mix worked out by the server for what is chosen. */
export function useMix(request: MixRequest, units: string | undefined, level: string | undefined) {
	return useQuery({
		queryKey: ["mixes", "work", units, level, request],
		queryFn: () => answer(client.POST("/api/mixes", { body: request })),
		staleTime: 0,
	});
}

/** Which bottles suit some plantings, the fittest first, each with its reason. */
export function useOffers(
	plantingIds: readonly string[] | undefined,
	target: Target | undefined,
	at: string | undefined,
) {
	return useQuery({
		queryKey: ["mixes", "offers", plantingIds, target, at],
		queryFn: () =>
			answer(client.POST("/api/mixes/offers", { body: { plantingIds: [...(plantingIds ?? [])], target, at } })),
		enabled: plantingIds !== undefined,
		staleTime: 0,
	});
}

/** What a pour changes. The question that it answered is not asked again. */
const TOUCHED = ["bottles", "beds", "round", "feeds"];

export function usePour() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ key, request }: { key: string; request: MixRequest }) =>
			answer(client.POST("/api/feeds", { params: { header: { "Idempotency-Key": key } }, body: request })),
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
