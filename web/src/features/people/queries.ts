import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { Role } from "../../api/types";
import { forgetAnswers } from "../../offline/answers";
import { forgetTyped } from "../../shared/useTyped";

export const meQuery = queryOptions({
	queryKey: ["me"],
	queryFn: () => answer(client.GET("/api/me")),
	staleTime: 60_000,
});

/** Who sits here, and whether they were let in. */
export function useMe() {
	return useQuery(meQuery);
}

const ORDER: readonly Role[] = ["LOOKER", "GARDENER", "OWNER"];

/** Whether who sits here may what needs a role; the server decides, this only leaves out what it would refuse. */
export function useMay(role: Role): boolean {
	const mine = useMe().data?.role;
	return mine === undefined || ORDER.indexOf(mine) >= ORDER.indexOf(role);
}

/** Once somebody is in or out, nothing that was fetched before counts. */
function useAllAnew() {
	const queryClient = useQueryClient();
	return async () => {
		await forgetAnswers().catch(() => {});
		await queryClient.resetQueries();
	};
}

export function useSignIn() {
	const onSuccess = useAllAnew();
	return useMutation({
		mutationFn: (body: { name: string; passphrase: string; trusted: boolean }) =>
			answer(client.POST("/api/sign-in", { body })),
		onSuccess,
	});
}

export function useSignInByCode() {
	const onSuccess = useAllAnew();
	return useMutation({
		mutationFn: (code: string) => answer(client.POST("/api/sign-in/code", { body: { code } })),
		onSuccess,
	});
}

export function useSignOut() {
	const allAnew = useAllAnew();
	return useMutation({
		mutationFn: () => answer(client.POST("/api/sign-out")),
		onSuccess: () => {
			forgetTyped();
			return allAnew();
		},
	});
}

const HOME = ["home", "get"];
const PEOPLE = ["people", "get"];

export function useHome() {
	return useQuery({ queryKey: HOME, queryFn: () => answer(client.GET("/api/home")) });
}

export function useChangeHome() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (body: { opened: boolean; name: string }) => answer(client.PUT("/api/home", { body })),
		onSuccess: () => queryClient.invalidateQueries({ queryKey: ["home"] }),
	});
}

export function usePeople() {
	return useQuery({ queryKey: PEOPLE, queryFn: () => answer(client.GET("/api/people")) });
}

function usePeopleAnew() {
	const queryClient = useQueryClient();
	return () => {
		queryClient.invalidateQueries({ queryKey: ["people"] });
		queryClient.invalidateQueries({ queryKey: ["home"] });
	};
}

export function useAddPerson() {
	const onSuccess = usePeopleAnew();
	return useMutation({
		mutationFn: (body: { name: string; role: Role }) => answer(client.POST("/api/people", { body })),
		onSuccess,
	});
}

export function useChangeRole() {
	const onSettled = usePeopleAnew();
	return useMutation({
		mutationFn: ({ id, role }: { id: string; role: Role }) =>
			answer(client.PUT("/api/people/{id}/role", { params: { path: { id } }, body: { role } })),
		onSettled,
	});
}

export function useRemovePerson() {
	const onSettled = usePeopleAnew();
	return useMutation({
		mutationFn: (id: string) => answer(client.POST("/api/people/{id}/removals", { params: { path: { id } } })),
		onSettled,
	});
}

export function useSetPassphrase() {
	const onSuccess = usePeopleAnew();
	return useMutation({
		mutationFn: ({ id, ...body }: { id: string; passphrase: string; own: string }) =>
			answer(client.PUT("/api/people/{id}/passphrase", { params: { path: { id } }, body })),
		onSuccess,
	});
}

export function useShowCode() {
	return useMutation({
		mutationFn: (id: string) => answer(client.POST("/api/people/{id}/codes", { params: { path: { id } } })),
	});
}

export function useRevokeDevice() {
	const onSettled = usePeopleAnew();
	return useMutation({
		mutationFn: ({ id, device }: { id: string; device: string }) =>
			answer(client.POST("/api/people/{id}/devices/{device}/revocations", { params: { path: { id, device } } })),
		onSettled,
	});
}

export function useRevokeAll() {
	const onSettled = usePeopleAnew();
	return useMutation({
		mutationFn: () => answer(client.POST("/api/people/devices/revocations")),
		onSettled,
	});
}
