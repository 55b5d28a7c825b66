import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { MixRequest } from "../../api/types";

export const plantingsQuery = queryOptions({
	queryKey: ["plantings", "list"],
	queryFn: () => answer(client.GET("/api/plantings")),
});

/** A mix worked out by the server for what is chosen. */
export function useMix(request: MixRequest, units: string | undefined, level: string | undefined) {
	return useQuery({
		queryKey: ["mixes", "work", units, level, request],
		queryFn: () => answer(client.POST("/api/mixes", { body: request })),
		enabled: Boolean(request.brews[0]?.bottleId),
		staleTime: 0,
	});
}

/** What a pour changes: bottles, beds, the round and the feeds. */
const TOUCHED = ["bottles", "beds", "round", "feeds", "mixes"];

export function usePour() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ key, request }: { key: string; request: MixRequest }) =>
			answer(client.POST("/api/feeds", { params: { header: { "Idempotency-Key": key } }, body: request })),
		onSettled: () => Promise.all(TOUCHED.map((name) => queryClient.invalidateQueries({ queryKey: [name] }))),
	});
}

/** Takes a pour back, within the hour. */
export function useUndo() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (id: string) => answer(client.POST("/api/feeds/{id}/undo", { params: { path: { id } } })),
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
