import { answer, client } from "../api/client";
import { problemFrom } from "../api/problem";
import { reach } from "../api/reach";
import type { Bed, Feed, Photo, Pot, Poured } from "../api/types";
import type { Act } from "./act";

/** Under which key something counts, and when it was said, where that wasn't just now. */
export type Under = { readonly key: string; readonly at?: string };

type Of<K extends Act["kind"]> = Omit<Extract<Act, { kind: K }>, "kind">;

/** Nothing that can wait here is waited for. */
const ONCE = { fetch: reach } as const;

function header({ key, at }: Under) {
	return at === undefined ? { "Idempotency-Key": key } : { "Idempotency-Key": key, "Said-At": at };
}

export function sendVisit({ potId, check }: Of<"visit">, under: Under): Promise<Pot> {
	const params = { path: { id: potId }, header: header(under) };
	return answer(client.POST("/api/pots/{id}/checks", { params, body: check, ...ONCE }));
}

export function sendPicture({ potId, picture }: Of<"picture">, under: Under): Promise<Photo[]> {
	const file = new File([picture.bytes], "pot", { type: picture.type });
	return answer(
		client.POST("/api/pots/{pot}/photos", {
			params: { path: { pot: potId }, header: header(under) },
			body: { picture: file as unknown as string },
			bodySerializer: () => {
				const form = new FormData();
				form.set("picture", file);
				return form;
			},
			...ONCE,
		}),
	);
}

export function sendPour({ request }: Pick<Of<"pour">, "request">, under: Under): Promise<Poured> {
	return answer(client.POST("/api/feeds", { params: { header: header(under) }, body: request, ...ONCE }));
}

export function sendFed({ feed }: Of<"fed">, under: Under): Promise<Feed> {
	return answer(client.POST("/api/feeds/told", { params: { header: header(under) }, body: feed, ...ONCE }));
}

export function sendLook({ plantingId, look }: Of<"look">, under: Under): Promise<Bed> {
	const params = { path: { id: plantingId }, header: header(under) };
	return answer(client.POST("/api/beds/{id}/looks", { params, body: look, ...ONCE }));
}

export function sendWatering({ plantingId, when }: Of<"watering">, under: Under): Promise<Bed> {
	const params = { path: { id: plantingId }, header: header(under) };
	return answer(client.POST("/api/beds/{id}/waterings", { params, body: { when }, ...ONCE }));
}

/**
 * Sends any act.
 *
 * @returns what was judged of it that somebody should read; empty where nothing was
 */
export async function send(act: Act, under: Under): Promise<string> {
	switch (act.kind) {
		case "visit": {
			const { dangers, verdict } = await sendVisit(act, under);
			const said = [...dangers.map((danger) => danger.todo), ...(verdict.kind === "NOT_YET" ? [] : [verdict.headline])];
			return said.join(" ");
		}
		case "pour":
			return (await sendPour(act, under)).feed.decision;
		case "picture":
			await sendPicture(act, under);
			return "";
		case "fed":
			await sendFed(act, under);
			return "";
		case "look":
			return (await sendLook(act, under)).response;
		case "watering":
			await sendWatering(act, under);
			return "";
	}
}

/** Whether nothing answered, so that it is worth trying again later. */
export function isLost(error: unknown): boolean {
	const { status } = problemFrom(error);
	return status === 0 || status === 502 || status === 503 || status === 504;
}

/** Whether this device has to be let in first. */
export function isShutOut(error: unknown): boolean {
	const { status } = problemFrom(error);
	return status === 401 || status === 429;
}
