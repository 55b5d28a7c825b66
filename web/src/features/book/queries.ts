import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { DraftRequest } from "../../api/types";

export const bookQuery = queryOptions({
	queryKey: ["book", "list"],
	queryFn: () => answer(client.GET("/api/book")),
	staleTime: 60_000,
});

const factsQuery = queryOptions({
	queryKey: ["book", "facts"],
	queryFn: () => answer(client.GET("/api/book/facts")),
	staleTime: Number.POSITIVE_INFINITY,
});

export function useBook() {
	return useQuery(bookQuery);
}

/** Own methods that can't be read any more. */
export function useUnreadable() {
	return useQuery({
		queryKey: ["book", "unreadable"],
		queryFn: () => answer(client.GET("/api/book/unreadable")),
		staleTime: 60_000,
	});
}

export function useFacts() {
	return useQuery(factsQuery);
}

export function useMethod(id: string) {
	return useQuery({
		queryKey: ["book", "method", id],
		queryFn: () => answer(client.GET("/api/book/methods/{id}", { params: { path: { id } } })),
	});
}

export function useSchools(product: string) {
	return useQuery({
		queryKey: ["book", "schools", product],
		queryFn: () => answer(client.GET("/api/book/products/{id}/schools", { params: { path: { id: product } } })),
	});
}

/** What can be changed in a method, as it stands. */
export function useBeginning(id: string) {
	return useQuery({
		queryKey: ["book", "beginning", id],
		queryFn: () => answer(client.GET("/api/book/methods/{id}/draft", { params: { path: { id } } })),
		staleTime: 0,
	});
}

/** The method with what is typed, checked by the server. */
export function useDraft(request: DraftRequest) {
	return useQuery({
		queryKey: ["drafts", request],
		queryFn: () => answer(client.POST("/api/book/drafts", { body: request })),
		staleTime: 0,
	});
}

/** The book has changed: everything that was read from it is read again. */
function useReadAgain() {
	const queryClient = useQueryClient();
	return () => queryClient.invalidateQueries({ queryKey: ["book"] });
}

export function useKeepOwn() {
	const readAgain = useReadAgain();
	return useMutation({
		mutationFn: (request: DraftRequest) => answer(client.POST("/api/book/own", { body: request })),
		onSuccess: readAgain,
	});
}

export function useTakeIn() {
	const readAgain = useReadAgain();
	return useMutation({
		mutationFn: (text: string) => answer(client.POST("/api/book/imports", { body: { text } })),
		onSuccess: readAgain,
	});
}

export function useRetireOwn() {
	const readAgain = useReadAgain();
	return useMutation({
		mutationFn: (id: string) => answer(client.POST("/api/book/own/{id}/retirement", { params: { path: { id } } })),
		onSuccess: readAgain,
	});
}
