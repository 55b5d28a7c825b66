import { queryOptions, useInfiniteQuery } from "@tanstack/react-query";
import { answer, client } from "../../api/client";

/** As many as the server gives at once; fewer mean that there are no more. */
const FULL_PAGE = 40;

export const potsQuery = queryOptions({
	queryKey: ["pots", "list"],
	queryFn: () => answer(client.GET("/api/pots")),
});

/** Pots that ended, a page at a time, the last ended first. */
export function usePastPots(wanted: boolean) {
	return useInfiniteQuery({
		queryKey: ["pots", "past"],
		queryFn: ({ pageParam }) =>
			answer(client.GET("/api/pots/past", { params: { query: pageParam ? { after: pageParam } : {} } })),
		initialPageParam: "",
		getNextPageParam: (last) => (last.length < FULL_PAGE ? undefined : last.at(-1)?.id),
		enabled: wanted,
	});
}
