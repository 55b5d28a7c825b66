import { afterEach, describe, expect, it, vi } from "vitest";
import { lost, ProblemError } from "../api/problem";
import { makeQueryClient } from "../api/queryClient";
import { answersAtHand, forgetAnswers, forgetOldAnswers } from "./answers";

/** Another opening of the application: nothing in memory, the same browser. */
function opened(keeps = true) {
	return makeQueryClient(
		0,
		answersAtHand(async () => keeps),
	);
}

const round = (queryFn: () => Promise<unknown>) => ({ queryKey: ["round", "get"], queryFn });
const answering = (data: unknown) => round(async () => data);
const silent = round(async () => {
	throw lost();
});

/** What is kept is kept beside the answer, not before it. */
async function answered(client = opened()) {
	await client.fetchQuery(answering("nine stops"));
	await vi.waitFor(async () => expect(await opened().fetchQuery(silent)).toBe("nine stops"));
}

describe("answers at hand", () => {
	afterEach(forgetAnswers);

	it("stand in where nothing answers, as old as they are", async () => {
		const before = Date.now();
		await answered();
		const later = opened();
		vi.useFakeTimers({ toFake: ["Date"], now: before + 3_600_000 });
		await later.fetchQuery(silent);
		await vi.waitFor(() => expect(later.getQueryState(["round", "get"])?.dataUpdatedAt).toBeLessThan(before + 60_000));
		vi.useRealTimers();
	});

	it("stay where they are shown, as old as they are, and are no error", async () => {
		const client = opened();
		let answers = true;
		const query = round(async () => {
			if (answers) {
				return "nine stops";
			}
			throw lost();
		});
		await client.fetchQuery(query);
		const { dataUpdatedAt } = client.getQueryState(["round", "get"]) ?? {};
		answers = false;
		expect(await client.fetchQuery(query)).toBe("nine stops");
		expect(client.getQueryState(["round", "get"])?.error).toBeNull();
		await vi.waitFor(() => expect(client.getQueryState(["round", "get"])?.dataUpdatedAt).toBe(dataUpdatedAt));
	});

	it("never stand in for what the server says", async () => {
		await answered();
		expect(await opened().fetchQuery(answering("two stops"))).toBe("two stops");
		const refused = new ProblemError({ status: 403, code: "role", detail: "Not for you." });
		await expect(opened().fetchQuery(round(() => Promise.reject(refused)))).rejects.toBe(refused);
	});

	it("are nobody's on a device that may keep nothing", async () => {
		await opened(false).fetchQuery(answering("nine stops"));
		await expect(opened().fetchQuery(silent)).rejects.toThrow();
	});

	it("are forgotten when asked, and when they are too old to work by", async () => {
		await answered();
		await forgetOldAnswers(Date.now() + 13 * 86_400_000);
		expect(await opened().fetchQuery(silent)).toBe("nine stops");
		await forgetOldAnswers(Date.now() + 15 * 86_400_000);
		await expect(opened().fetchQuery(silent)).rejects.toThrow();
	});

	it("never come after what was answered since, however late they are", async () => {
		await answered();
		const client = opened();
		await client.fetchQuery(answering("nine stops"));
		vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"] });
		let late: (data: string) => void = () => {};
		const first = client.fetchQuery(round(() => new Promise<string>((resolve) => (late = resolve))));
		await vi.advanceTimersByTimeAsync(4_001);
		expect(await first).toBe("nine stops");
		vi.useRealTimers();
		await client.fetchQuery(answering("two stops"));
		late("eight stops");
		await vi.waitFor(async () => expect(await opened().fetchQuery(silent)).toBe("two stops"));
		expect(client.getQueryData(["round", "get"])).toBe("two stops");
	});

	it("are not kept of what is only typed", async () => {
		const typed = (queryFn: () => Promise<unknown>) => ({ queryKey: ["typed", "2 L"], queryFn });
		await opened().fetchQuery(typed(async () => "2 L"));
		await expect(opened().fetchQuery(typed(() => Promise.reject(lost())))).rejects.toThrow();
	});
});
