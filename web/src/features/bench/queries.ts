import { keepPreviousData, queryOptions, useQuery } from "@tanstack/react-query";
import { answer, client } from "../../api/client";

export const benchQuery = queryOptions({
	queryKey: ["bench", "list"],
	queryFn: () => answer(client.GET("/api/bench")),
	staleTime: Number.POSITIVE_INFINITY,
});

export type Entries = Readonly<Record<string, string>>;

/** What an instrument answers to what is entered. */
export function useAnswer(id: string, entries: Entries, units: string | undefined) {
	return useQuery({
		queryKey: ["bench", "answer", id, units, entries],
		queryFn: () => answer(client.POST("/api/bench/{id}", { params: { path: { id } }, body: { entries } })),
		placeholderData: keepPreviousData,
		staleTime: 0,
	});
}

/** What of the garden an instrument can start from. */
export function sourcesQuery(id: string) {
	return queryOptions({
		queryKey: ["bench", "sources", id],
		queryFn: () => answer(client.GET("/api/bench/{id}/sources", { params: { path: { id } } })),
	});
}
