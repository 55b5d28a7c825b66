import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { serve, show, WORKING } from "../../testing/serve";
import { PotsPage } from "./PotsPage";

function pot(id: string, name: string, place: string, verdict = "NOT_YET", headline = "Not yet") {
	return {
		id,
		name,
		code: id.toUpperCase(),
		vesselKind: "JAR",
		school: "Quick, stirred",
		placeId: place,
		place,
		setAt: "2026-05-14T08:10:00Z",
		day: 7,
		standingShare: 0.4,
		forecast: {
			ripeness: 0.7,
			early: "2026-05-22T08:10:00Z",
			late: "2026-05-26T08:10:00Z",
			words: "",
			reason: "",
			working: WORKING,
		},
		checks: ["2026-05-16T08:10:00Z"],
		verdict,
		headline,
		urgent: false,
	};
}

function garden(pots: unknown[], past: unknown[] = PAST) {
	serve({
		"GET /api/pots": () => [200, pots],
		"GET /api/bottles": () => [200, []],
		"GET /api/weather": () => [200, { days: [{ day: "2026-05-22", low: -1, high: 6 }], columns: [] }],
		"GET /api/pots/past": () => [200, past],
	});
}

const PAST = [
	{
		id: "p0",
		name: "Old serum",
		code: "J8",
		vesselKind: "JAR",
		title: "Lactic serum",
		school: "Even",
		placeId: "Shelf",
		place: "Shelf",
		setAt: "2026-03-01T08:00:00Z",
		endedAt: "2026-03-12T08:00:00Z",
		spoilt: true,
		ended: "pink mould",
	},
];

describe("PotsPage", () => {
	it("shows past pots on the same axis when asked, and how they went in words", async () => {
		garden([pot("j1", "Dock juice", "Shelf")]);
		show(<PotsPage />);
		await userEvent.click(await screen.findByRole("button", { name: "With past pots" }));
		expect(await screen.findByRole("link", { name: /Old serum.*thrown away 12 Mar.*J8/ })).toHaveAttribute(
			"href",
			"/pots/p0",
		);
		await userEvent.click(screen.getByRole("button", { name: "Without past pots" }));
		expect(screen.queryByRole("link", { name: /Old serum/ })).toBeNull();
	});

	it("marks the days on which frost is forecast", async () => {
		garden([pot("j1", "Dock juice", "Shelf")]);
		show(<PotsPage />);
		expect(await screen.findByText("frost forecast")).toBeInTheDocument();
	});

	it("reaches four weeks back, and as far as wanted", async () => {
		garden([pot("j1", "Dock juice", "Shelf"), { ...pot("d1", "Old weeds", "Shelf"), setAt: "2025-07-01T08:00:00Z" }]);
		show(<PotsPage />);
		expect(await screen.findByRole("radio", { name: "4 weeks" })).toBeChecked();
		expect(screen.queryByText(/Jul/)).toBeNull();
		await userEvent.click(screen.getByRole("radio", { name: "all" }));
		expect(screen.getAllByText(/Jul|Aug/).length).toBeGreaterThan(0);
	});

	it("groups the pots by place, in the order they come", async () => {
		garden([pot("j1", "Dock juice", "Shelf"), pot("j2", "Pea juice", "Bench"), pot("j3", "Beet juice", "Shelf")]);
		show(<PotsPage />);
		const axis = within(await screen.findByRole("region", { name: "Pots by place" }));
		expect(axis.getAllByRole("heading").map((heading) => heading.textContent)).toEqual(["Shelf", "Bench"]);
		expect(axis.getAllByRole("link").map((link) => link.getAttribute("href"))).toEqual([
			"/pots/j1",
			"/pots/j3",
			"/pots/j2",
		]);
	});

	it("says each verdict in words, not by colour alone", async () => {
		garden([pot("j1", "Dock juice", "Shelf", "READY", "Ready: strain it")]);
		show(<PotsPage />);
		expect(await screen.findByRole("link", { name: /Dock juice.*day 7.*Ready: strain it.*J1/ })).toBeVisible();
	});

	it("offers the first pot while there is none", async () => {
		garden([]);
		show(<PotsPage />);
		expect(await screen.findByRole("link", { name: "Set the first pot" })).toHaveAttribute("href", "/pots/new");
	});

	it("says so when nothing answers", async () => {
		serve({
			"GET /api/pots": () => [503, { detail: "The database does not answer.", code: "no-database" }],
			"GET /api/bottles": () => [200, []],
			"GET /api/weather": () => [200, { days: [], columns: [] }],
		});
		show(<PotsPage />);
		expect(await screen.findByRole("alert")).toHaveTextContent("The database does not answer.");
	});

	it.each([1, 4, 40])("stays small with five hundred pots in %s places, and shows what wants hands", async (places) => {
		const many = Array.from({ length: 500 }, (_, index) => pot(`n${index}`, `Pot ${index}`, `Place ${index % places}`));
		garden([...many, { ...pot("u1", "Bulging bucket", "Place 0"), urgent: true }]);
		show(<PotsPage />);

		expect(await screen.findByRole("link", { name: /Bulging bucket/ })).toBeInTheDocument();
		expect(document.querySelectorAll("*").length).toBeLessThan(2500);
	});

	it("shows past pots that were asked for, however many work in their place", async () => {
		const past = Array.from({ length: 30 }, (_, index) => ({
			...PAST[0],
			id: `p${index}`,
			name: `Old serum ${index}`,
		}));
		garden(
			Array.from({ length: 20 }, (_, index) => pot(`n${index}`, `Pot ${index}`, "Shelf")),
			past,
		);
		show(<PotsPage />);
		await userEvent.click(await screen.findByRole("button", { name: "With past pots" }));

		expect(await screen.findAllByRole("link", { name: /Old serum \d+/ })).toHaveLength(30);
	});

	it("shows more of a place when asked", async () => {
		garden(Array.from({ length: 20 }, (_, index) => pot(`n${index}`, `Pot ${index}`, "Shelf")));
		show(<PotsPage />);
		await userEvent.click(await screen.findByRole("button", { name: "8 more in Shelf" }));

		expect(screen.getAllByRole("link", { name: /^Pot \d+/ })).toHaveLength(20);
		expect(screen.queryByRole("button", { name: /more in Shelf/ })).toBeNull();
	});
});
