import { queryOptions, useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { PlantingRequest, ToldFeed } from "../../api/types";

export const bedsQuery = queryOptions({
	queryKey: ["beds", "list"],
	queryFn: () => answer(client.GET("/api/beds")),
});

export const cropsQuery = queryOptions({
	queryKey: ["crops", "list"],
	queryFn: () => answer(client.GET("/api/crops")),
});

/** What a change of a planting touches. */
const TOUCHED = ["feeds", "beds", "plantings", "round", "mixes", "crops"];

/** A change of the garden, after which everything that shows plantings is read anew. */
function useChange<A, R>(write: (args: A) => Promise<R>) {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: write,
		onSettled: () => Promise.all(TOUCHED.map((name) => queryClient.invalidateQueries({ queryKey: [name] }))),
	});
}

type LookOf = {
	readonly id: string;
	readonly key: string;
	readonly look: LookId;
	readonly dry: boolean;
	readonly note: string;
	readonly when: string;
};
export type LookId = "LUSH" | "UPRIGHT" | "UNCHANGED" | "PALE" | "SCORCHED" | "LIMP";

export function useLook() {
	return useChange(({ id, key, look, dry, note, when }: LookOf) =>
		answer(
			client.POST("/api/beds/{id}/looks", {
				params: { path: { id }, header: { "Idempotency-Key": key } },
				body: { look, dry, note, when },
			}),
		),
	);
}

export function useStrikeLook(id: string) {
	return useChange((look: string) =>
		answer(client.DELETE("/api/beds/{id}/looks/{look}", { params: { path: { id, look } } })),
	);
}

export function useStrikeWatering(id: string) {
	return useChange((watering: string) =>
		answer(client.DELETE("/api/beds/{id}/waterings/{watering}", { params: { path: { id, watering } } })),
	);
}

/** Writes down a feed that was poured before. */
export function useTellFeed() {
	return useChange(({ key, ...body }: ToldFeed & { readonly key: string }) =>
		answer(client.POST("/api/feeds/told", { params: { header: { "Idempotency-Key": key } }, body })),
	);
}

export function useWater() {
	return useChange(({ id, key, when }: { id: string; key: string; when: string }) =>
		answer(
			client.POST("/api/beds/{id}/waterings", {
				params: { path: { id }, header: { "Idempotency-Key": key } },
				body: { when },
			}),
		),
	);
}

type Stage = PlantingRequest["stage"];

export function useGrow() {
	return useChange(({ id, stage }: { id: string; stage: Stage }) =>
		answer(client.PUT("/api/plantings/{id}/stage", { params: { path: { id } }, body: { stage } })),
	);
}

export function useKeepPlanting() {
	return useChange(({ id, key, planting }: { id?: string; key: string; planting: PlantingRequest }) =>
		id
			? answer(client.PUT("/api/plantings/{id}", { params: { path: { id } }, body: planting }))
			: answer(client.POST("/api/plantings", { params: { header: { "Idempotency-Key": key } }, body: planting })),
	);
}

export function useEndPlanting() {
	return useChange((id: string) => answer(client.POST("/api/plantings/{id}/end", { params: { path: { id } } })));
}
