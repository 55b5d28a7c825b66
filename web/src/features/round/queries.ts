import { queryOptions, useQuery } from "@tanstack/react-query";
import { answer, client } from "../../api/client";

export const roundQuery = queryOptions({
	queryKey: ["round", "get"],
	queryFn: () => answer(client.GET("/api/round")),
	refetchInterval: 300_000,
});

export function useRound() {
	return useQuery(roundQuery);
}
