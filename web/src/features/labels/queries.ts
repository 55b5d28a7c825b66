import { keepPreviousData, queryOptions, useQuery } from "@tanstack/react-query";
import { answer, client } from "../../api/client";

export function useLabels() {
	return useQuery({ queryKey: ["labels", "list"], queryFn: () => answer(client.GET("/api/labels")) });
}

/** What has some words in its name or code; nothing is asked for none. */
export function useFound(words: string) {
	return useQuery({
		queryKey: ["found", words],
		queryFn: () => answer(client.GET("/api/found", { params: { query: { words } } })),
		enabled: words !== "",
		placeholderData: words === "" ? undefined : keepPreviousData,
	});
}

/** What a code holds, or held on a day. */
export function codeQuery(code: string, on: string) {
	return queryOptions({
		queryKey: ["codes", "get", code, on],
		queryFn: () => answer(client.GET("/api/codes/{code}", { params: { path: { code }, query: on ? { on } : {} } })),
		enabled: code !== "",
	});
}
