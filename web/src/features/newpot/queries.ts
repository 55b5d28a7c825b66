import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { RecipeRequest } from "../../api/types";

const needsQuery = queryOptions({
	queryKey: ["book", "needs"],
	queryFn: () => answer(client.GET("/api/needs")),
});

export function useNeeds() {
	return useQuery(needsQuery);
}

/** What the things in a list can become. */
export function usePantry(list: string, units: string | undefined) {
	return useQuery({
		queryKey: ["pantry", "work", units, list],
		queryFn: () => answer(client.POST("/api/pantry", { body: { list } })),
		enabled: list.trim() !== "",
		staleTime: 0,
	});
}

/** A recipe worked out by the server for what is typed. */
export function useRecipe(request: RecipeRequest, units: string | undefined) {
	return useQuery({
		queryKey: ["recipes", "work", units, request],
		queryFn: () => answer(client.POST("/api/recipes", { body: request })),
		staleTime: 0,
	});
}

type SetPot = {
	readonly key: string;
	readonly name: string;
	readonly recipe: RecipeRequest;
	readonly confirmed: string[];
	readonly origin?: string;
};

export function useSetPot() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ key, ...body }: SetPot) =>
			answer(client.POST("/api/pots", { params: { header: { "Idempotency-Key": key } }, body })),
		onSuccess: () => {
			queryClient.invalidateQueries({ queryKey: ["pots"] });
			queryClient.invalidateQueries({ queryKey: ["bottles"] });
			queryClient.invalidateQueries({ queryKey: ["round"] });
			queryClient.invalidateQueries({ queryKey: ["vessels"] });
			queryClient.invalidateQueries({ queryKey: ["plan"] });
		},
	});
}
