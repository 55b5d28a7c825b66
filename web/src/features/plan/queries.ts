import { queryOptions, useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { GoalRequest, SettleRequest } from "../../api/types";

export const planQuery = queryOptions({
	queryKey: ["plan"],
	queryFn: () => answer(client.GET("/api/plan")),
});

/** What all beds that may have a brew would drink of it each time. */
export function needsQuery(product: string) {
	return queryOptions({
		queryKey: ["plan", "needs", product],
		queryFn: () => answer(client.GET("/api/plan/needs/{product}", { params: { path: { product } } })),
	});
}

/** A change of the plan; it is under way until the plan that follows from it is there. */
function useChange<A>(write: (args: A) => Promise<unknown>) {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: write,
		onSuccess: () => {
			queryClient.invalidateQueries({ queryKey: ["round"] });
			return queryClient.invalidateQueries({ queryKey: planQuery.queryKey });
		},
	});
}

export function useAddGoal() {
	return useChange(({ key, goal }: { key: string; goal: GoalRequest }) =>
		answer(client.POST("/api/plan/goals", { params: { header: { "Idempotency-Key": key } }, body: goal })),
	);
}

export function useEndGoal() {
	return useChange((id: string) => answer(client.DELETE("/api/plan/goals/{id}", { params: { path: { id } } })));
}

export function useEaseGoal() {
	return useChange(({ id, days, share }: { id: string; days: number; share: number }) =>
		answer(client.POST("/api/plan/goals/{id}/ease", { params: { path: { id } }, body: { days, share } })),
	);
}

export function useSettle() {
	return useChange((settle: SettleRequest) => answer(client.POST("/api/plan/choices", { body: settle })));
}

export function useUnsettle() {
	return useChange((product: string) =>
		answer(client.DELETE("/api/plan/choices/{product}", { params: { path: { product } } })),
	);
}

export function useKeepPlan() {
	return useChange((_: undefined) => answer(client.PUT("/api/plan/kept")));
}

/** Links a pot to the step that it carries out. */
export function useCarryOut() {
	return useChange(({ step, potId }: { step: string; potId: string }) =>
		answer(client.POST("/api/plan/pots", { body: { step, potId } })),
	);
}
