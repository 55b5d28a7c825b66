import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, client } from "../../api/client";
import type { PlaceRequest } from "../../api/types";

export const placesQuery = queryOptions({
	queryKey: ["places", "list"],
	queryFn: () => answer(client.GET("/api/places")),
});

const kindsQuery = queryOptions({
	queryKey: ["places", "kinds"],
	queryFn: () => answer(client.GET("/api/places/kinds")),
});

const weatherQuery = queryOptions({
	queryKey: ["weather", "get"],
	queryFn: () => answer(client.GET("/api/weather")),
});

export function usePlaces() {
	return useQuery(placesQuery);
}

export function usePlaceKinds() {
	return useQuery(kindsQuery);
}

export function useWeather() {
	return useQuery(weatherQuery);
}

/** Places and weather change what is forecast for every pot. */
function useLookAgain() {
	const queryClient = useQueryClient();
	return () => {
		for (const key of ["places", "weather", "pots", "round"]) {
			queryClient.invalidateQueries({ queryKey: [key] });
		}
	};
}

/** Adds a place, or describes one anew. */
export function useDescribePlace(id?: string) {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (place: PlaceRequest) =>
			answer(
				id
					? client.PUT("/api/places/{id}", { params: { path: { id } }, body: place })
					: client.POST("/api/places", { body: place }),
			),
		onSuccess,
	});
}

export function useWalk() {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (body: { places: string[]; from: string[] }) => answer(client.PUT("/api/places/walk", { body })),
		onSuccess,
	});
}

type Day = {
	readonly day: string;
	readonly low: string;
	readonly high: string;
	readonly rain: string;
	readonly rainFrom: string;
	readonly rainUntil: string;
};

export function useWriteDay() {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: ({ day, ...body }: Day) =>
			answer(client.PUT("/api/weather/days/{day}", { params: { path: { day } }, body })),
		onSuccess,
	});
}

export function usePreviewWeather() {
	return useMutation({
		mutationFn: (text: string) => answer(client.POST("/api/weather/previews", { body: { text } })),
	});
}

export function useTakeWeather() {
	const onSuccess = useLookAgain();
	return useMutation({
		mutationFn: (text: string) => answer(client.POST("/api/weather/imports", { body: { text } })),
		onSuccess,
	});
}
