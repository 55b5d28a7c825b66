import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";

const DOOR = ["outside", "get"];

export function useDoor() {
	return useQuery({ queryKey: DOOR, queryFn: () => answer(client.GET("/api/outside")) });
}

function useLookAgain() {
	const queryClient = useQueryClient();
	return () => {
		for (const key of ["outside", "pots", "round"]) {
			queryClient.invalidateQueries({ queryKey: [key] });
		}
	};
}

export function useMakeToken() {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: ({ name, days }: { name: string; days: string }) =>
			answer(
				client.POST("/api/outside/tokens", {
					body: { name, scope: "READINGS", days: days === "" ? undefined : Number(days) },
				}),
			),
		onSuccess,
	});
}

export function useRevoke() {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (id: string) =>
			answer(client.POST("/api/outside/tokens/{id}/revocations", { params: { path: { id } } })),
		onSuccess,
	});
}

export function usePreviewReadings() {
	return useMutation({
		mutationFn: (text: string) => answer(client.POST("/api/outside/previews", { body: { text } })),
	});
}

export function useTakeReadings() {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (text: string) => answer(client.POST("/api/outside/imports", { body: { text } })),
		onSuccess,
	});
}

export function useSettle() {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: ({ id, take }: { id: string; take: boolean }) =>
			answer(
				take
					? client.POST("/api/outside/held/{id}/takings", { params: { path: { id } } })
					: client.POST("/api/outside/held/{id}/droppings", { params: { path: { id } } }),
			),
		onSuccess,
	});
}
