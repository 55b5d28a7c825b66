import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { RecipeRequest } from "../../api/types";

const methodsQuery = queryOptions({
	queryKey: ["methods", "list"],
	queryFn: () => answer(client.GET("/api/methods")),
	staleTime: Number.POSITIVE_INFINITY,
});

const vesselsQuery = queryOptions({
	queryKey: ["vessels", "list"],
	queryFn: () => answer(client.GET("/api/vessels")),
});

const placesQuery = queryOptions({
	queryKey: ["places", "list"],
	queryFn: () => answer(client.GET("/api/places")),
});

export function useMethods() {
	return useQuery(methodsQuery);
}

export function useVessels() {
	return useQuery(vesselsQuery);
}

export function usePlaces() {
	return useQuery(placesQuery);
}

/** A recipe worked out by the server for what is typed. */
export function useRecipe(request: RecipeRequest | undefined, units: string | undefined) {
	return useQuery({
		queryKey: ["recipes", "work", units, request],
		queryFn: () => answer(client.POST("/api/recipes", { body: request as RecipeRequest })),
		enabled: request !== undefined,
		staleTime: 0,
	});
}

type SetPot = { readonly key: string; readonly name: string; readonly recipe: RecipeRequest };

export function useSetPot() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ key, name, recipe }: SetPot) =>
			answer(client.POST("/api/pots", { params: { header: { "Idempotency-Key": key } }, body: { name, recipe } })),
		onSuccess: () => {
			queryClient.invalidateQueries({ queryKey: ["pots"] });
			queryClient.invalidateQueries({ queryKey: ["vessels"] });
		},
	});
}
