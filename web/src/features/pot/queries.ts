import { queryOptions, useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { Check, Pot } from "../../api/types";

export function potQuery(id: string) {
	return queryOptions({
		queryKey: ["pots", "get", id],
		queryFn: () => answer(client.GET("/api/pots/{id}", { params: { path: { id } } })),
	});
}

/** Puts the changed pot in place and lets every list look again. */
function useKeepPot(id: string) {
	const queryClient = useQueryClient();
	return (pot: Pot) => {
		queryClient.setQueryData(potQuery(id).queryKey, pot);
		queryClient.invalidateQueries({ queryKey: ["pots", "list"] });
		queryClient.invalidateQueries({ queryKey: ["vessels"] });
	};
}

export function useCheck(id: string) {
	const keep = useKeepPot(id);
	return useMutation({
		mutationFn: ({ key, check }: { key: string; check: Check }) =>
			answer(
				client.POST("/api/pots/{id}/checks", {
					params: { path: { id }, header: { "Idempotency-Key": key } },
					body: check,
				}),
			),
		onSuccess: keep,
	});
}

/** The water has stood long enough: the pot is filled and its clock starts. */
export function useFill(id: string) {
	const keep = useKeepPot(id);
	return useMutation({
		mutationFn: () => answer(client.POST("/api/pots/{id}/fillings", { params: { path: { id } } })),
		onSuccess: keep,
	});
}

/** What isn't kept is buried or poured out. */
export function useUseUp(id: string) {
	const keep = useKeepPot(id);
	return useMutation({
		mutationFn: (early: boolean) =>
			answer(client.POST("/api/pots/{id}/uses", { params: { path: { id } }, body: { early } })),
		onSuccess: keep,
	});
}

export function useWring(id: string) {
	const keep = useKeepPot(id);
	return useMutation({
		mutationFn: (early: boolean) =>
			answer(client.POST("/api/pots/{id}/wringings", { params: { path: { id } }, body: { early } })),
		onSuccess: keep,
	});
}

type Strain = { readonly key: string; readonly volume: string; readonly keepId: string; readonly early: boolean };

export function useStrain(id: string) {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ key, ...body }: Strain) =>
			answer(
				client.POST("/api/pots/{id}/bottles", {
					params: { path: { id }, header: { "Idempotency-Key": key } },
					body,
				}),
			),
		onSuccess: () => {
			queryClient.invalidateQueries({ queryKey: ["pots"] });
			queryClient.invalidateQueries({ queryKey: ["bottles"] });
			queryClient.invalidateQueries({ queryKey: ["vessels"] });
		},
	});
}

export function useThrowAway(id: string) {
	const keep = useKeepPot(id);
	return useMutation({
		mutationFn: (reason: string) =>
			answer(client.POST("/api/pots/{id}/disposals", { params: { path: { id } }, body: { reason } })),
		onSuccess: keep,
	});
}
