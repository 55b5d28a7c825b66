import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { answer, client } from "./client";
import { waitsFor } from "./oneMoment";

type Asked = { readonly method: string; readonly key: string | null; readonly body: string };

/** A server that answers with these in turn, the last of them for ever; "lost" answers nothing. */
function answering(...answers: (number | "lost")[]): Asked[] {
	const asked: Asked[] = [];
	vi.stubGlobal("fetch", async (input: Request | string) => {
		if (!(input instanceof Request)) {
			return new Response("{}");
		}
		asked.push({
			method: input.method,
			key: input.headers.get("Idempotency-Key"),
			body: input.method === "GET" ? "" : await input.clone().text(),
		});
		const status = answers.length > 1 ? answers.shift() : answers[0];
		if (status === "lost" || status === undefined) {
			throw new TypeError("failed to fetch");
		}
		const moment = status === 503 ? { "Retry-After": "1" } : undefined;
		return new Response(
			JSON.stringify(status < 400 ? { ok: true } : { detail: "One moment: it starts.", code: "no" }),
			{
				status,
				headers: { "Content-Type": "application/json", ...moment },
			},
		);
	});
	return asked;
}

const read = () => answer(client.GET("/api/garden"));
const write = (amount: string) =>
	answer(client.POST("/api/vessels", { body: { kind: "JAR", capacity: amount } as never }));

async function through<T>(call: Promise<T>): Promise<T | Error> {
	const settled = call.catch((error: Error) => error);
	await vi.runAllTimersAsync();
	return settled;
}

describe("client", () => {
	beforeEach(() => {
		vi.useFakeTimers();
	});
	afterEach(() => {
		vi.useRealTimers();
	});

	it("asks again where the server wants a moment, and says why it waits", async () => {
		const asked = answering(503, 503, 200);
		const call = read();
		await vi.advanceTimersByTimeAsync(100);
		expect(waitsFor()).toBe("One moment: it starts.");
		expect(await through(call)).toEqual({ ok: true });
		expect(asked).toHaveLength(3);
		expect(waitsFor()).toBe("");
	});

	it("says at last that it is of no use", async () => {
		const asked = answering(503);
		expect(await through(read())).toBeInstanceOf(Error);
		expect(asked).toHaveLength(8);
		expect(waitsFor()).toBe("");
	});

	it("repeats a write word for word under one key", async () => {
		const asked = answering(503, 503, 200);
		await through(write("1 L"));
		expect(new Set(asked.map((one) => `${one.key} ${one.body}`)).size).toBe(1);
		expect(asked[0]?.key).toMatch(/^[0-9a-f-]{36}$/);
	});

	it.each(["lost", 500, 507] as const)("keeps the key of a write whose outcome nobody knows (%s)", async (outcome) => {
		const asked = answering(outcome, 200);
		await through(write("2 L"));
		await through(write("2 L"));
		expect(asked[0]?.key).toBe(asked[1]?.key);
	});

	it.each([200, 422, 409])("means the same anew once it was answered (%s)", async (status) => {
		const asked = answering(status);
		await through(write("3 L"));
		await through(write("3 L"));
		expect(asked[0]?.key).not.toBe(asked[1]?.key);
	});

	it("gives something else a key of its own, though the first is unknown", async () => {
		const asked = answering("lost");
		await through(write("4 L"));
		await through(write("5 L"));
		expect(asked[0]?.key).not.toBe(asked[1]?.key);
	});

	it("does not ask again what is refused", async () => {
		const asked = answering(422);
		await through(read());
		expect(asked).toHaveLength(1);
	});
});
