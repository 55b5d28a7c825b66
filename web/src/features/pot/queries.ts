import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { Check, Meter, Move, Pot, Split, Strain } from "../../api/types";
import { type Picture, sendPicture, sendVisit, useSendOrKeep } from "../../outbox";

export function potQuery(id: string) {
	return queryOptions({
		queryKey: ["pots", "get", id],
		queryFn: () => answer(client.GET("/api/pots/{id}", { params: { path: { id } } })),
	});
}

/** Puts the changed pot in place and lets every list look again. */
function useKeepPot(id: string) {
	const queryClient = useQueryClient();
	return (pot: Pot) => {
		queryClient.setQueryData(potQuery(id).queryKey, pot);
		queryClient.invalidateQueries({ queryKey: ["pots", "list"] });
		queryClient.invalidateQueries({ queryKey: ["pots", "past"] });
		queryClient.invalidateQueries({ queryKey: ["round"] });
		queryClient.invalidateQueries({ queryKey: ["vessels"] });
		queryClient.invalidateQueries({ queryKey: ["plan"] });
		queryClient.invalidateQueries({ queryKey: ["bottles"] });
	};
}

/** Everything that a bottle is made of or changes may have changed. */
function useLookAgain() {
	const queryClient = useQueryClient();
	return () => {
		for (const key of ["pots", "bottles", "vessels", "round"]) {
			queryClient.invalidateQueries({ queryKey: [key] });
		}
	};
}

/** A logged visit: the pot as it is now, or nothing where it is kept here until something answers. */
export type Logged = Pot | undefined;

/** Logs a visit; where nothing answers, it is kept on this device and sent later under the same key. */
export function useCheck(id: string, name: string) {
	const keepPot = useKeepPot(id);
	const sendOrKeep = useSendOrKeep();
	return useMutation({
		mutationFn: ({ key, check }: { key: string; check: Check }): Promise<Logged> => {
			const visit = { kind: "visit", potId: id, check } as const;
			return sendOrKeep(key, name, visit, () => sendVisit(visit, { key }));
		},
		onSuccess: (pot) => pot && keepPot(pot),
	});
}

/** Reads a simulated instrument. */
export function useReadMeter(id: string) {
	return useMutation({
		mutationFn: (meter: Meter["meter"]) =>
			answer(client.GET("/api/pots/{id}/meters/{meter}", { params: { path: { id, meter } } })),
	});
}

export function useStrikeReading(id: string) {
	const keepPot = useKeepPot(id);
	return useMutation({
		mutationFn: (reading: string) =>
			answer(client.POST("/api/pots/{id}/readings/{reading}/strikes", { params: { path: { id, reading } } })),
		onSuccess: keepPot,
	});
}

/** The water has stood long enough: the pot is filled and its clock starts. */
export function useFill(id: string) {
	const keepPot = useKeepPot(id);
	return useMutation({
		mutationFn: () => answer(client.POST("/api/pots/{id}/fillings", { params: { path: { id } } })),
		onSuccess: keepPot,
	});
}

/** A ready pot is left in its vessel. */
export function useHold(id: string) {
	const keepPot = useKeepPot(id);
	return useMutation({
		mutationFn: () => answer(client.POST("/api/pots/{id}/holdings", { params: { path: { id } } })),
		onSuccess: keepPot,
	});
}

export function useMove(id: string) {
	const keepPot = useKeepPot(id);
	return useMutation({
		mutationFn: (move: Move) => answer(client.POST("/api/pots/{id}/moves", { params: { path: { id } }, body: move })),
		onSuccess: keepPot,
	});
}

export function useSplit(id: string) {
	const lookAgain = useLookAgain();
	return useMutation({
		mutationFn: ({ key, ...body }: Split & { readonly key: string }) =>
			answer(
				client.POST("/api/pots/{id}/splits", {
					params: { path: { id }, header: { "Idempotency-Key": key } },
					body,
				}),
			),
		onSuccess: lookAgain,
	});
}

/** What isn't kept is buried or poured out. */
export function useUseUp(id: string) {
	const keepPot = useKeepPot(id);
	return useMutation({
		mutationFn: (early: boolean) =>
			answer(client.POST("/api/pots/{id}/uses", { params: { path: { id } }, body: { early, elsewhere: true } })),
		onSuccess: keepPot,
	});
}

export function useWring(id: string) {
	const keepPot = useKeepPot(id);
	return useMutation({
		mutationFn: (early: boolean) =>
			answer(client.POST("/api/pots/{id}/wringings", { params: { path: { id } }, body: { early } })),
		onSuccess: keepPot,
	});
}

export function useStrain(id: string) {
	const lookAgain = useLookAgain();
	return useMutation({
		mutationFn: ({ key, ...body }: Strain & { readonly key: string }) =>
			answer(
				client.POST("/api/pots/{id}/bottles", {
					params: { path: { id }, header: { "Idempotency-Key": key } },
					body,
				}),
			),
		onSuccess: lookAgain,
	});
}

export function useDraw(id: string) {
	const lookAgain = useLookAgain();
	return useMutation({
		mutationFn: ({
			key,
			...body
		}: {
			key: string;
			bottle: Strain["bottles"][number];
			toppedUp: boolean;
			early: boolean;
		}) =>
			answer(
				client.POST("/api/pots/{id}/drawings", {
					params: { path: { id }, header: { "Idempotency-Key": key } },
					body,
				}),
			),
		onSuccess: lookAgain,
	});
}

/** Takes back what was done last; told with the pot that stands there now. */
export function useTakeBack(id: string) {
	const lookAgain = useLookAgain();
	return useMutation({
		mutationFn: (reason: string) =>
			answer(client.POST("/api/pots/{id}/takebacks", { params: { path: { id } }, body: { reason } })),
		onSuccess: lookAgain,
	});
}

export function useThrowAway(id: string) {
	const keepPot = useKeepPot(id);
	return useMutation({
		mutationFn: (reason: string) =>
			answer(client.POST("/api/pots/{id}/disposals", { params: { path: { id } }, body: { reason } })),
		onSuccess: keepPot,
	});
}

function photosQuery(id: string) {
	return queryOptions({
		queryKey: ["photos", "list", id],
		queryFn: () => answer(client.GET("/api/pots/{pot}/photos", { params: { path: { pot: id } } })),
	});
}

export function usePhotos(id: string) {
	return useQuery(photosQuery(id));
}

/** Adds a picture; where nothing answers, it is kept on this device and sent later under the same key. */
export function useAddPhoto(id: string, name: string) {
	const queryClient = useQueryClient();
	const sendOrKeep = useSendOrKeep();
	return useMutation({
		mutationFn: ({ key, picture }: { key: string; picture: Picture }) => {
			const act = { kind: "picture", potId: id, picture } as const;
			return sendOrKeep(key, name, act, () => sendPicture(act, { key }));
		},
		onSuccess: (photos) => photos && queryClient.setQueryData(photosQuery(id).queryKey, photos),
	});
}

export function useStrikePhoto(id: string) {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: (photo: string) =>
			answer(client.POST("/api/pots/{pot}/photos/{photo}/strikes", { params: { path: { pot: id, photo } } })),
		onSuccess: (photos) => queryClient.setQueryData(photosQuery(id).queryKey, photos),
	});
}
