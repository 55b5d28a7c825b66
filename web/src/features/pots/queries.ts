import { queryOptions } from "@tanstack/react-query";
import { answer, client } from "../../api/client";

export const potsQuery = queryOptions({
	queryKey: ["pots", "list"],
	queryFn: () => answer(client.GET("/api/pots")),
});

export const bottlesQuery = queryOptions({
	queryKey: ["bottles", "list"],
	queryFn: () => answer(client.GET("/api/bottles")),
});
