import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { Doing, FreePot, PracticeLesson } from "../../api/types";

export const practiceQuery = queryOptions({
	queryKey: ["practice"],
	queryFn: () => answer(client.GET("/api/practice")),
});

/** What a lesson's pots are like at an hour, after what was done to them. */
export function useScene(lesson: PracticeLesson, doings: readonly Doing[], hour: number) {
	return useQuery({
		queryKey: ["practice", "scene", lesson, doings, hour],
		queryFn: () => answer(client.POST("/api/practice/scenes", { body: { lesson, doings: [...doings], hour } })),
		placeholderData: keepPreviousData,
		staleTime: Number.POSITIVE_INFINITY,
	});
}

/** What happened inside; a lesson that was ended is marked so in the list. */
export function useStory() {
	const queries = useQueryClient();
	return useMutation({
		networkMode: "always",
		mutationFn: ({ lesson, doings }: { lesson: PracticeLesson; doings: readonly Doing[] }) =>
			answer(client.POST("/api/practice/stories", { body: { lesson, doings: [...doings] } })),
		onSuccess: () => queries.invalidateQueries({ queryKey: practiceQuery.queryKey, exact: true }),
	});
}

/** A pot of one's own choice, as a lesson. */
export function useFreeLesson() {
	return useMutation({
		networkMode: "always",
		mutationFn: (body: FreePot) => answer(client.POST("/api/practice/free", { body })),
	});
}

/** Reads a lesson that somebody shared. */
export function useSharedLesson() {
	return useMutation({
		networkMode: "always",
		mutationFn: (yaml: string) => answer(client.POST("/api/practice/files", { body: { yaml } })),
	});
}

/** A lesson as a file, to share it. */
export async function lessonFile(id: string): Promise<string> {
	const file = await answer(client.GET("/api/practice/lessons/{id}/file", { params: { path: { id } } }));
	return file.yaml;
}
