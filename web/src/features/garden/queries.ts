import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { Garden } from "../../api/types";

export const gardenQuery = queryOptions({
	queryKey: ["garden", "get"],
	queryFn: () => answer(client.GET("/api/garden")),
	refetchInterval: 60_000,
});

export function useGarden() {
	return useQuery(gardenQuery);
}

/** Changes the units of the whole garden; every amount on every page is told anew. */
export function useChangeUnits() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (change: { units: Garden["units"]; version: number }) =>
			answer(client.PUT("/api/garden/units", { body: change })),
		onSettled: () => queryClient.invalidateQueries(),
	});
}
