import { queryOptions, useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { BottleArrival } from "../../api/types";

export const bottlesQuery = queryOptions({
	queryKey: ["bottles", "list"],
	queryFn: () => answer(client.GET("/api/bottles")),
});

/** As many as the server gives at once; fewer mean that there are no more. */
const FULL_PAGE = 25;

/** Bottles that hold nothing any more, a page at a time, the last emptied first. */
export function useEmptiedBottles(wanted: boolean) {
	return useInfiniteQuery({
		queryKey: ["bottles", "emptied"],
		queryFn: ({ pageParam }) =>
			answer(client.GET("/api/bottles/emptied", { params: { query: pageParam ? { after: pageParam } : {} } })),
		initialPageParam: "",
		getNextPageParam: (last) => (last.length < FULL_PAGE ? undefined : last.at(-1)?.id),
		enabled: wanted,
	});
}

function useLookAgain() {
	const queryClient = useQueryClient();
	return () => {
		queryClient.invalidateQueries({ queryKey: ["bottles"] });
		queryClient.invalidateQueries({ queryKey: ["round"] });
	};
}

export function useKeepOn(id: string) {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (body: { days: string; words: string }) =>
			answer(client.POST("/api/bottles/{id}/decisions", { params: { path: { id } }, body })),
		onSuccess,
	});
}

export function useLetGo(id: string) {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (reason: string) =>
			answer(client.POST("/api/bottles/{id}/disposals", { params: { path: { id } }, body: { reason } })),
		onSuccess,
	});
}

export function useMeasureBottle(id: string) {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (level: string) =>
			answer(client.POST("/api/bottles/{id}/measures", { params: { path: { id } }, body: { level } })),
		onSuccess,
	});
}

export function useMoveBottle(id: string) {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (placeId: string) =>
			answer(client.PUT("/api/bottles/{id}/place", { params: { path: { id } }, body: { placeId } })),
		onSuccess,
	});
}

export const brewKindsQuery = queryOptions({
	queryKey: ["bottles", "kinds"],
	queryFn: () => answer(client.GET("/api/bottles/kinds")),
});

/** Every kind of brew that a bottle may hold. */
export function useBrewKinds() {
	return useQuery(brewKindsQuery);
}

/** A bottle that is there already. */
export function useArriveBottle() {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: ({ key, ...body }: BottleArrival & { readonly key: string }) =>
			answer(client.POST("/api/bottles", { params: { header: { "Idempotency-Key": key } }, body })),
		onSuccess,
	});
}
