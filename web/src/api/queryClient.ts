import { QueryCache, QueryClient, type QueryPersister } from "@tanstack/react-query";
import { problemFrom } from "./problem";

const SIGN_IN = "sign-in";

/**
 * The store of what the server said. A request is always tried, also where the device believes to be offline: the application may
 * run on this very device, and what can't be sent must fail at once, so that it is kept here instead of waiting unseen.
 *
 * @param persister asks in the place of a query, and may answer for a server that can't be reached
 */
export function makeQueryClient(staleTime: number, persister?: QueryPersister): QueryClient {
	const client: QueryClient = new QueryClient({
		// Whoever was put out meanwhile is asked who they are, and meets the gate.
		queryCache: new QueryCache({
			onError: (error) => {
				if (problemFrom(error).code === SIGN_IN) {
					client.invalidateQueries({ queryKey: ["me"] });
				}
			},
		}),
		defaultOptions: {
			queries: { retry: false, staleTime, persister, networkMode: "always", refetchOnReconnect: true },
			mutations: { retry: false, networkMode: "always" },
		},
	});
	return client;
}
