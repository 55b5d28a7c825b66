import { QueryClient } from "@tanstack/react-query";

/**
 * The store of what the server said. A request is always tried, also where the device believes to be offline: the application may
 * run on this very device, and what can't be sent must fail at once, so that it is kept here instead of waiting unseen.
 */
export function makeQueryClient(staleTime: number): QueryClient {
	return new QueryClient({
		defaultOptions: {
			queries: { retry: false, staleTime, networkMode: "always", refetchOnReconnect: true },
			mutations: { retry: false, networkMode: "always" },
		},
	});
}
