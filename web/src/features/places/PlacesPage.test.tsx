import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { serve, show, WORKING } from "../../testing/serve";
import { PlacesPage } from "./PlacesPage";

const STEADY = { temperature: "20 °C", warmer: "", damping: "", lagHours: "" };
const OPEN = { temperature: "", warmer: "0.5", damping: "0.9", lagHours: "0" };
const KINDS = [
	{ kind: "INDOORS", words: "indoors, heated", outdoors: false, usual: "steady 20 °C", fields: STEADY },
	{ kind: "WALL", words: "outdoors, in the shade", outdoors: true, usual: "0.5 °C warmer than outdoors", fields: OPEN },
];

function place(id: string, name: string) {
	return {
		id,
		name,
		kind: "INDOORS",
		kindWords: "indoors, heated",
		temperature: "19.5 °C",
		usual: "steady 19.5 °C",
		fields: { ...STEADY, temperature: "19.5 °C" },
		light: "SHADE",
		outdoors: false,
		room: "30",
		version: 3,
	};
}

function day(date: string, low: number, high: number, originWords: string) {
	return { day: date, low, high, rain: 0, wind: 2, words: `${low} to ${high} °C, dry`, originWords };
}

const WEATHER = {
	days: [
		day("2026-05-19", 4, 12, "simulated"),
		day("2026-05-20", 5, 14, "written down"),
		day("2026-05-21", -1, 9, "forecast"),
	],
	lastFrost: "2026-04-02",
	firstFrost: "2026-11-20",
	frostWorking: WORKING,
	columns: ["day", "low_celsius"],
};

function open(replies: Parameters<typeof serve>[0] = {}) {
	const sent = serve({
		"GET /api/places": () => [200, [place("s1", "Galley shelf"), place("s2", "Sill")]],
		"GET /api/places/kinds": () => [200, KINDS],
		"GET /api/weather": () => [200, WEATHER],
		...replies,
	});
	show(<PlacesPage />);
	return sent;
}

describe("PlacesPage", () => {
	it("adds a place of a kind, with only what was typed", async () => {
		const sent = open({ "POST /api/places": () => [200, place("s3", "Lee wall")] });
		const form = within(await screen.findByRole("form", { name: "Add a place" }));
		await userEvent.type(form.getByRole("textbox", { name: "Another place" }), "Lee wall");
		await userEvent.selectOptions(form.getByRole("combobox", { name: /kind of place/ }), "WALL");
		await userEvent.type(form.getByRole("textbox", { name: "Warmer than outdoors by" }), "1.5");
		expect(form.getByRole("checkbox", { name: /Outdoors/ })).toBeChecked();
		await userEvent.click(form.getByRole("button", { name: "Add the place" }));
		await waitFor(() =>
			expect(sent[0]?.body).toMatchObject({
				name: "Lee wall",
				kind: "WALL",
				warmer: "1.5",
				outdoors: true,
				version: 0,
			}),
		);
	});

	it("describes a place anew on the version that it shows", async () => {
		const sent = open({ "PUT /api/places/s1": () => [200, place("s1", "Galley shelf")] });
		await userEvent.click(await screen.findByRole("button", { name: "Describe Galley shelf anew" }));
		const form = within(screen.getByRole("form", { name: "Describe Galley shelf" }));
		await userEvent.clear(form.getByRole("textbox", { name: "Steady warmth" }));
		await userEvent.type(form.getByRole("textbox", { name: "Steady warmth" }), "18");
		await userEvent.click(form.getByRole("button", { name: "Keep this" }));
		await waitFor(() => expect(sent[0]?.body).toMatchObject({ temperature: "18", version: 3 }));
	});

	it("puts a place earlier on the walk", async () => {
		const sent = open({ "PUT /api/places/walk": () => [200, []] });
		await userEvent.click(await screen.findByRole("button", { name: "Walk to Sill earlier" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ places: ["s2", "s1"], from: ["s1", "s2"] }));
	});

	it("tells of each day where its weather comes from, and when frost is usual", async () => {
		open();
		expect(await screen.findByRole("row", { name: /today.*5 to 14 °C, dry *written down/ })).toBeVisible();
		expect(screen.getByRole("row", { name: /Thu 21 May.*forecast/ })).toBeVisible();
		expect(screen.getByText(/Frost usually until Thu 2 Apr, and again from Fri 20 Nov/)).toBeVisible();
	});

	it("writes a day down", async () => {
		const sent = open({ "PUT /api/weather/days/2026-05-20": () => [200, WEATHER.days[1]] });
		const form = within(await screen.findByRole("form", { name: "Write a day down" }));
		await userEvent.type(form.getByRole("textbox", { name: "Lowest" }), "3");
		await userEvent.type(form.getByRole("textbox", { name: "Highest" }), "11");
		await userEvent.click(form.getByRole("button", { name: "Write it down" }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ low: "3", high: "11", rain: "", rainFrom: "", rainUntil: "" }));
	});

	it("looks at a file before it takes it in", async () => {
		const file = { days: [WEATHER.days[0]], broken: [{ line: 3, why: "“x” is no day." }] };
		const sent = open({
			"POST /api/weather/previews": () => [200, file],
			"POST /api/weather/imports": () => [200, file],
		});
		const form = within(await screen.findByRole("form", { name: "Take a weather file in" }));
		await userEvent.type(form.getByRole("textbox"), "day");
		await userEvent.click(form.getByRole("button", { name: "Check it first" }));
		expect(await form.findByText(/line 3: “x” is no day/)).toBeVisible();
		await userEvent.click(form.getByRole("button", { name: "Take in 1 days" }));
		expect(await form.findByText(/1 days taken in/)).toBeVisible();
		expect(sent.map((call) => call.path)).toEqual(["POST /api/weather/previews", "POST /api/weather/imports"]);
	});
});
