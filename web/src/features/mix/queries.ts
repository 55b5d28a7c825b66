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
		enabled: request.bottleId !== "",
		staleTime: 0,
	});
}

export function usePour() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ key, request }: { key: string; request: MixRequest }) =>
			answer(client.POST("/api/feeds", { params: { header: { "Idempotency-Key": key } }, body: request })),
		onSettled: () => queryClient.invalidateQueries({ queryKey: ["bottles"] }),
	});
}
