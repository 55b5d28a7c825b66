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

/** Puts simulated instruments in place of real ones, or away. */
export function useChangeStandIns() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (change: { standIns: boolean; version: number }) =>
			answer(client.PUT("/api/garden/stand-ins", { body: change })),
		onSettled: () => queryClient.invalidateQueries(),
	});
}
