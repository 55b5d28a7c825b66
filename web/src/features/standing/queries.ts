import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { Arrival } from "../../api/types";

const choicesQuery = queryOptions({
	queryKey: ["arrivals", "choices"],
	queryFn: () => answer(client.GET("/api/pots/arrivals")),
});

/** What may stand there already. */
export function useArrivalChoices() {
	return useQuery(choicesQuery);
}

/** Lets in a pot that stands already. */
export function useArrive() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ key, ...body }: Arrival & { readonly key: string }) =>
			answer(client.POST("/api/pots/arrivals", { params: { header: { "Idempotency-Key": key } }, body })),
		onSuccess: () => {
			for (const name of ["pots", "round", "vessels", "plan"]) {
				queryClient.invalidateQueries({ queryKey: [name] });
			}
		},
	});
}
