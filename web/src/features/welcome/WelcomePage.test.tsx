import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { GARDEN, serve, show } from "../../testing/serve";
import { WelcomePage } from "./WelcomePage";

const NO_BACKUPS = { kept: [], folder: "/garden/backups" };

const WELCOME = {
	taps: [
		{ id: "UNKNOWN", words: "nobody knows" },
		{ id: "NONE", words: "rain" },
	],
	clocks: [
		{ id: "HOURS_24", words: "16:30" },
		{ id: "HOURS_12", words: "4:30 pm" },
	],
	climates: [{ id: "MARITIME", words: "cool and maritime", latitude: "52" }],
	zones: ["Europe/Lisbon", "Europe/London"],
	usualLift: "15 kg",
	places: ["Kitchen shelf", "Sunny step"],
	vessels: ["1 L jar", "20 L bucket"],
};

describe("WelcomePage", () => {
	it("asks four questions with defaults and goes on to the first pot", async () => {
		const sent = serve({
			"GET /api/garden": () => [200, { ...GARDEN, tap: "UNKNOWN", welcomed: false }],
			"GET /api/welcome": () => [200, WELCOME],
			"PUT /api/welcome": () => [200, { name: "Gull Loft" }],
		});
		show(<WelcomePage />, "/pots", "/pots");
		expect(await screen.findAllByRole("heading", { level: 2 })).toHaveLength(5);
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "What the tap carries" }), "NONE");
		const latitude = screen.getByRole("textbox", { name: "Latitude" });
		expect(latitude).toHaveAccessibleDescription(/left empty: 52° N/);
		await userEvent.type(latitude, "58 N");
		await userEvent.click(screen.getByRole("radio", { name: "4:30 pm" }));
		await userEvent.click(screen.getByRole("checkbox", { name: "Sunny step" }));
		await userEvent.click(screen.getByRole("button", { name: "On to the first pot" }));
		expect(await screen.findByText("another view")).toBeVisible();
		expect(sent[0]?.body).toMatchObject({
			tap: "NONE",
			units: "METRIC",
			clockface: "HOURS_12",
			version: 7,
			latitude: "58 N",
			canLift: "15 kg",
			places: [0],
			vessels: [0, 1],
		});
	});

	it("says what it does before it asks, and finds a zone by a part of its name", async () => {
		const refused = { status: 422, field: "zone", detail: "Choose one from the list, such as Europe/London." };
		serve({
			"GET /api/garden": () => [200, { ...GARDEN, welcomed: false }],
			"GET /api/welcome": () => [200, WELCOME],
			"PUT /api/welcome": () => [422, refused],
		});
		show(<WelcomePage />, "/welcome", "/welcome");
		expect(await screen.findByText(/which jar, when it will be ready on your shelf/)).toBeVisible();
		expect(screen.getByRole("link", { name: "The guide" })).toHaveAttribute("href", "/guide");
		const zone = screen.getByRole("combobox", { name: "Time zone" });
		expect(document.querySelectorAll("#zone-known option")).toHaveLength(2);
		await userEvent.clear(zone);
		await userEvent.type(zone, "Lisbn");
		await userEvent.click(screen.getByRole("button", { name: "On to the first pot" }));
		expect(await screen.findByText("Choose one from the list, such as Europe/London.")).toBeVisible();
	});

	it("brings a garden in from a file, and says what is wrong with one that can't be", async () => {
		let fit = false;
		const refused = { status: 422, code: "broken-file", detail: "The file is damaged. Nothing was taken in." };
		serve({
			"GET /api/garden": () => [200, { ...GARDEN, welcomed: false }],
			"GET /api/welcome": () => [200, WELCOME],
			"PUT /api/garden/document": () => (fit ? [200, { name: "Gull Loft" }] : [422, refused]),
		});
		show(<WelcomePage />, "/welcome", "/welcome");
		const choose = await screen.findByLabelText(/The whole garden as a file/);
		await userEvent.upload(choose, new File(["x"], "garden.zip", { type: "application/zip" }));
		expect(await screen.findByText(/The file is damaged. Nothing was taken in./)).toBeVisible();
		fit = true;
		await userEvent.upload(choose, new File(["xy"], "other.zip", { type: "application/zip" }));
		expect(await screen.findByText("another view")).toBeVisible();
	});

	it("tells how old the last backup is, and makes another", async () => {
		const kept = [{ file: "daily-20260520T030000Z.sql.gz", at: "2026-05-20T03:00:00Z", bytes: 90000 }];
		serve({
			"GET /api/welcome": () => [200, WELCOME],
			"GET /api/backups": () => [
				200,
				{ kept, age: "5 hours ago", folder: "/garden/backups", failure: "The disk is full." },
			],
			"POST /api/backups": () => [200, { kept: [...kept, ...kept], age: "just now", folder: "/garden/backups" }],
		});
		show(<WelcomePage />, "/welcome", "/welcome");
		expect(await screen.findByText("5 hours ago")).toBeVisible();
		expect(screen.getByText("The disk is full.")).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Back up now" }));
		expect(await screen.findByText("just now")).toBeVisible();
		expect(screen.queryByText("The disk is full.")).toBeNull();
	});

	it("shows beside the field what is wrong with it", async () => {
		serve({
			"GET /api/welcome": () => [200, WELCOME],
			"GET /api/backups": () => [200, NO_BACKUPS],
			"PUT /api/welcome": () => [
				422,
				{ status: 422, code: "out-of-range", field: "canLift", detail: "It must be from 1 kg to 200 kg." },
			],
		});
		show(<WelcomePage />, "/welcome", "/welcome");
		await userEvent.click(await screen.findByRole("button", { name: "Keep these answers" }));
		expect(await screen.findByText("It must be from 1 kg to 200 kg.")).toBeVisible();
	});
});
