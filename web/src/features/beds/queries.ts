import { queryOptions, useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { NoteLook, PlantingRequest, ToldFeed } from "../../api/types";
import { sendFed, sendLook, sendWatering, useSendOrKeep } from "../../outbox";

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

export type LookId = NoteLook["look"];

type Bedded = { readonly id: string; readonly name: string };

/** Notes a look; absent is the answer where it is kept here until something answers. */
export function useLook({ id, name }: Bedded) {
	const sendOrKeep = useSendOrKeep();
	return useChange(({ key, ...look }: NoteLook & { readonly key: string }) => {
		const act = { kind: "look", plantingId: id, look } as const;
		return sendOrKeep(key, name, act, () => sendLook(act, { key }));
	});
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

/** Writes down a feed that was poured before, or keeps it here until something answers. */
export function useTellFeed(name: string) {
	const sendOrKeep = useSendOrKeep();
	return useChange(({ key, ...feed }: ToldFeed & { readonly key: string }) => {
		const act = { kind: "fed", feed } as const;
		return sendOrKeep(key, name, act, () => sendFed(act, { key }));
	});
}

/** Notes a plain watering, or keeps it here until something answers. */
export function useWater({ id, name }: Bedded) {
	const sendOrKeep = useSendOrKeep();
	return useChange(({ key, when }: { readonly key: string; readonly when: string }) => {
		const act = { kind: "watering", plantingId: id, when } as const;
		return sendOrKeep(key, name, act, () => sendWatering(act, { key }));
	});
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
