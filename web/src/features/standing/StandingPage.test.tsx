import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { pot } from "../../testing/pot";
import { serve, show } from "../../testing/serve";
import { StandingPage } from "./StandingPage";

const CHOICES = [
	{ methodId: "weed-bucket", words: "some plants in water", plain: true, kind: "BUCKET", outdoors: true, stages: [] },
	{
		methodId: "plant-juice-packed",
		words: "Fermented plant juice, Slow, packed",
		plain: false,
		kind: "JAR",
		outdoors: false,
		stages: ["Drawing juice", "Working alone"],
	},
];

const ABOUT = {
	"GET /api/pots/arrivals": () => [200, CHOICES] as const,
	"GET /api/places": () =>
		[
			200,
			[
				{ id: "s0", name: "Galley shelf", temperature: "19 °C", outdoors: false },
				{ id: "s1", name: "Lee wall", temperature: "9 °C", outdoors: true },
			],
		] as const,
	"GET /api/vessels": () =>
		[
			200,
			[
				{ id: "v9", code: "J9", capacity: "3 L", kindWords: "jar" },
				{ id: "v1", code: "B1", holds: "Trial" },
			],
		] as const,
};

const BUCKET = { ...pot().summary, id: "p9", code: "B7", name: "Some plants in water" };

describe("StandingPage", () => {
	it("lets a bucket in as it is told, and says what to write on it", async () => {
		const sent = serve({ ...ABOUT, "POST /api/pots/arrivals": () => [201, pot({ summary: BUCKET })] });
		show(<StandingPage />);
		await userEvent.click(await screen.findByRole("radio", { name: "three months" }));
		expect(screen.getByRole("textbox", { name: "Since when?" })).toHaveValue("about three months ago");
		await userEvent.click(screen.getByRole("radio", { name: "half" }));
		await userEvent.click(screen.getByRole("button", { name: "It stands here" }));
		const arrived = await screen.findByRole("list", { name: "Came in just now" });
		await waitFor(() => expect(within(arrived).getByText(/on body and lid of/)).toHaveTextContent("Write B7"));
		expect(sent.find((call) => call.path.startsWith("POST"))?.body).toEqual({
			methodId: "weed-bucket",
			name: "Some plants in water",
			since: "about three months ago",
			full: "half",
			kind: "BUCKET",
			capacity: "20 L",
			placeId: "s1",
			stage: 0,
		});
	});

	it("keeps shape, size and place for the next one", async () => {
		serve({ ...ABOUT, "POST /api/pots/arrivals": () => [201, pot({ summary: BUCKET })] });
		show(<StandingPage />);
		const size = await screen.findByRole("textbox", { name: "It holds about" });
		await userEvent.clear(size);
		await userEvent.type(size, "60 L");
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "Shape" }), "drum");
		await userEvent.type(screen.getByRole("textbox", { name: "Code on it" }), "D7");
		await userEvent.click(screen.getByRole("button", { name: "It stands here" }));
		await screen.findByText(/on body and lid of/);
		expect(size).toHaveValue("60 L");
		expect(screen.getByRole("combobox", { name: "Shape" })).toHaveValue("DRUM");
		expect(screen.getByRole("textbox", { name: "Code on it" })).toHaveValue("");
	});

	it("asks how far it is where there are stages, and offers only free vessels", async () => {
		const sent = serve({ ...ABOUT, "POST /api/pots/arrivals": () => [201, pot({ summary: BUCKET })] });
		show(<StandingPage />);
		await userEvent.selectOptions(await screen.findByRole("combobox", { name: "What is it?" }), "1");
		await userEvent.click(screen.getByRole("radio", { name: "working alone" }));
		expect(screen.queryByRole("option", { name: /B1/ })).not.toBeInTheDocument();
		await userEvent.selectOptions(screen.getByRole("combobox", { name: "In what?" }), "v9");
		expect(screen.queryByRole("textbox", { name: "Code on it" })).not.toBeInTheDocument();
		await userEvent.click(screen.getByRole("button", { name: "It stands here" }));
		await waitFor(() =>
			expect(sent.find((call) => call.path.startsWith("POST"))?.body).toMatchObject({ vesselId: "v9", stage: 1 }),
		);
	});

	it("says what is wrong beside its field and keeps what was typed", async () => {
		const detail = "When it was set (“soon”) can't be read.";
		serve({
			...ABOUT,
			"POST /api/pots/arrivals": () => [422, { status: 422, code: "unreadable", field: "since", detail }],
		});
		show(<StandingPage />);
		const since = await screen.findByRole("textbox", { name: "Since when?" });
		await userEvent.clear(since);
		await userEvent.type(since, "soon");
		await userEvent.click(screen.getByRole("button", { name: "It stands here" }));
		expect(await screen.findByText(detail)).toBeVisible();
		expect(since).toHaveValue("soon");
	});
});
