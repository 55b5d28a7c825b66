import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { BOTTLE } from "../../testing/pot";
import { serve, show } from "../../testing/serve";
import { CodePage } from "./CodePage";
import { LabelsPage } from "./LabelsPage";

const QR = { size: 3, path: "M0 0h1v1h-1z" };
const LABELS = {
	vessels: [
		{ id: "v1", code: "J1", title: "Gull Loft", lines: ["1 L jar", "Not a drink. Not food."], qr: QR },
		{ id: "v2", code: "B1", title: "Gull Loft", lines: ["10 L bucket"], qr: QR },
	],
	bottles: [{ id: "b1", code: "P3", title: "Pea-shoot juice", lines: ["soil 1:500", "not a drink"], qr: QR }],
};
const HELD = {
	id: "p1",
	name: "Dock juice",
	title: "Fermented plant juice",
	setAt: "2026-05-14T08:10:00Z",
	how: "works",
};

describe("LabelsPage", () => {
	it("prints only what isn't left out", async () => {
		serve({ "GET /api/labels": () => [200, LABELS] });
		const print = vi.fn();
		vi.stubGlobal("print", print);
		show(<LabelsPage />);
		expect(await screen.findByText("Not a drink. Not food.")).toBeVisible();
		expect(screen.getByRole("img", { name: "Leads to what J1 holds" })).toBeVisible();
		await userEvent.click(screen.getByRole("button", { name: "Leave B1 out" }));
		await userEvent.click(screen.getByRole("button", { name: "Print 1 label" }));
		expect(print).toHaveBeenCalledOnce();
	});

	it("says on each bottle's label that it is not a drink, and how strong it is", async () => {
		serve({ "GET /api/labels": () => [200, LABELS] });
		show(<LabelsPage />);
		await userEvent.click(await screen.findByRole("radio", { name: "Bottles" }));
		expect(screen.getByText("not a drink")).toBeVisible();
		expect(screen.getByText("soil 1:500")).toBeVisible();
	});
});

describe("Find", () => {
	it("leads to whatever has the words in its name or code", async () => {
		serve({
			"GET /api/found": () => [
				200,
				[
					{ kind: "POT", id: "p1", code: "J6", name: "Mugwort juice", words: "pot, set 1 May 2026" },
					{ kind: "BOTTLE", id: "b1", code: "P3", name: "Mugwort juice", words: "bottle, use by 1 May 2027" },
					{ kind: "METHOD", id: "nettle-tea", name: "Nettle tea", words: "in the book, a third full" },
					{ kind: "PLANTING", id: "k", name: "Kohlrabi", words: "in the garden" },
					{ kind: "CROP", id: "c", name: "Chard", words: "a crop" },
				],
			],
		});
		show(<CodePage />, "/codes", "/codes");
		await userEvent.type(await screen.findByRole("searchbox", { name: "Name or code" }), "mug");
		await screen.findByText("in the garden");
		const places = screen.getAllByRole("link").map((link) => link.getAttribute("href"));
		expect(places).toEqual(["/pots/p1", "/codes/P3", "/book/methods/nettle-tea", "/garden", "/garden/crops"]);
		expect(screen.getByText("5 things found")).toBeInTheDocument();
	});

	it("says that nothing is called so", async () => {
		serve({ "GET /api/found": () => [200, []] });
		show(<CodePage />, "/codes", "/codes");
		await userEvent.type(await screen.findByRole("searchbox", { name: "Name or code" }), "xyz");
		expect(await screen.findByText("Nothing has “xyz” in its name or code.")).toBeVisible();
	});
});

describe("CodePage", () => {
	it("tells what a vessel holds today and what it ever held", async () => {
		const ended = { ...HELD, id: "p0", name: "Old juice", endedAt: "2026-04-01T08:00:00Z", how: "strained" };
		serve({
			"GET /api/codes/J4": () => [
				200,
				{ code: "J4", what: "1.5 L jar", day: "2026-05-20", onDay: [HELD], ever: [HELD, ended] },
			],
		});
		show(<CodePage />, "/codes/J4", "/codes/:code");
		expect(await screen.findByText("Today it holds")).toBeVisible();
		expect(screen.getAllByRole("link", { name: "Dock juice" })[0]).toHaveAttribute("href", "/pots/p1");
		expect(screen.getByText(/strained Wed 1 April/)).toBeVisible();
	});

	it("tells what is in a bottle", async () => {
		serve({
			"GET /api/codes/P3": () => [
				200,
				{ code: "P3", what: "bottle", day: "2026-05-20", onDay: [], ever: [], bottle: BOTTLE },
			],
		});
		show(<CodePage />, "/codes/P3", "/codes/:code");
		expect(await screen.findByText(/620 mL left · keeps to 22 Apr 2027/)).toBeVisible();
	});

	it("says so where no such code was ever given", async () => {
		serve({
			"GET /api/codes/X9": () => [404, { status: 404, code: "missing", detail: "This garden has no such code X9." }],
		});
		show(<CodePage />, "/codes/X9", "/codes/:code");
		expect(await screen.findByRole("alert")).toHaveTextContent("no such code X9");
	});
});
