import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { components } from "../../api/generated/schema";

export type AddVessel = components["schemas"]["AddVessel"];

export const vesselsQuery = queryOptions({
	queryKey: ["vessels", "list"],
	queryFn: () => answer(client.GET("/api/vessels")),
});

export function useVessels() {
	return useQuery(vesselsQuery);
}

export function useAddVessel() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (vessel: AddVessel) => answer(client.POST("/api/vessels", { body: vessel })),
		onSuccess: () => queryClient.invalidateQueries({ queryKey: ["vessels"] }),
	});
}

export function useRetireVessel() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (id: string) => answer(client.POST("/api/vessels/{id}/retirement", { params: { path: { id } } })),
		onSuccess: () => queryClient.invalidateQueries({ queryKey: ["vessels"] }),
	});
}

export function useUseAgain() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (id: string) => answer(client.DELETE("/api/vessels/{id}/retirement", { params: { path: { id } } })),
		onSuccess: () => queryClient.invalidateQueries({ queryKey: ["vessels"] }),
	});
}
