import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { Notebook, NotebookRequest } from "../../api/types";

/** What a notebook holds; nothing is stored. */
export function usePreview(request: NotebookRequest) {
	return useQuery<Notebook>({
		queryKey: ["notebooks", "preview", request],
		queryFn: () => answer(client.POST("/api/notebooks/preview", { body: request })),
		enabled: (request.text ?? "").trim() !== "",
		staleTime: 0,
	});
}

/** Takes a notebook in; everything that shows pots, bottles or plantings is read anew. */
export function useTakeNotebook() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (request: NotebookRequest) => answer(client.POST("/api/notebooks", { body: request })),
		onSuccess: () => queryClient.invalidateQueries(),
	});
}
