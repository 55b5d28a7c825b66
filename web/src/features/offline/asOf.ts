import type { QueryClient } from "@tanstack/react-query";
import { onSameDay, shortDayAndTime, timeOf, type Wall } from "../../shared/dates";

/** How old the oldest of what is shown is, in words; empty while the application answers, or where nothing is shown. */
export function asOf(client: QueryClient, reachable: boolean, wall: Wall): string {
	if (reachable) {
		return "";
	}
	const shown = client
		.getQueryCache()
		.findAll({ type: "active" })
		.filter((query) => query.state.data !== undefined)
		.map((query) => query.state.dataUpdatedAt);
	if (shown.length === 0) {
		return "";
	}
	const oldest = new Date(Math.min(...shown)).toISOString();
	return onSameDay(oldest, new Date().toISOString(), wall) ? timeOf(oldest, wall) : shortDayAndTime(oldest, wall);
}
