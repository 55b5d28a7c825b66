import type { Plan } from "../../api/types";
import type { Wanted } from "./wanted";

/** What is wanted, as it is typed. */
export type Goal = {
	readonly product: string;
	readonly amount: string;
	readonly strength: string;
	readonly of: "brew" | "mix";
	readonly times: "once" | "season";
	readonly by: string;
	readonly until: string;
	readonly every: string;
};

/** What is asked first: what the garden usually wants, or what somebody came for. */
export function firstOf(usual: Plan["usual"], wanted?: Partial<Wanted>): Goal {
	return {
		product: wanted?.product ?? usual.product,
		amount: wanted?.amount ?? "",
		strength: "",
		of: "brew",
		times: "once",
		by: wanted?.by ?? usual.by,
		until: usual.until,
		every: String(usual.everyDays),
	};
}
