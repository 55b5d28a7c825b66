import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { amount, serve, show, WORKING } from "../../testing/serve";
import { MixPage } from "./MixPage";

function bottle(id: string, code: string, name: string) {
	return {
		id,
		code,
		name,
		batchId: "p1",
		level: "620 mL",
		also: "21 fl oz",
		levelWorking: WORKING,
		levelShare: 0.9,
		useBy: "2026-12-01",
		useByWords: "keeps to 1 Dec 2026",
		useByWorking: WORKING,
		freshness: "FRESH",
		poured: true,
		keptWords: "cool and dark",
		labelLine: "",
		soilOnly: false,
	};
}

type Asked = { strength?: string; area?: string; mix?: string; target?: string; plantingId?: string };

function mix(asked: Asked) {
	const water = Number(asked.strength ?? (asked.target === "LEAVES" ? 800 : 500));
	const unwise = {
		rule: "unknown-use",
		severity: "CONFIRM",
		concerns: "target",
		words: "Nobody has told.",
		working: WORKING,
	};
	const tooStrong = {
		rule: "too-strong",
		severity: "REFUSE",
		concerns: "strength",
		words: "It burns.",
		working: WORKING,
	};
	return {
		strength: { water, text: `1:${water}`, words: "soil", working: WORKING },
		span: { strongest: 400, usual: 500, weakest: 1000, text: "1:400 to 1:1000" },
		need: amount(asked.mix ?? "10 L"),
		area: amount(asked.area ?? "10 m²"),
		brew: amount("20 mL"),
		fillings: [
			{
				count: 1,
				mix: "10 L",
				mixShare: 1,
				brewShare: 0.002,
				brewText: "20 mL",
				onTool: "20 mL",
				tool: "measuring jug",
				deviation: "",
				brewWorking: WORKING,
				water: amount("9.98 L"),
			},
		],
		count: 1,
		countWorking: WORKING,
		dresses: [{ text: "2 mL", per: "per litre", working: WORKING }],
		makes: amount("310 L"),
		findings: water < 400 ? [tooStrong] : asked.target === "SEEDLINGS" ? [unwise] : [],
		refused: water < 400,
		words: ["Pour on moist soil."],
		cautions: [],
	};
}

function garden(
	bottles = [bottle("b1", "P1", "Chickweed juice"), bottle("b2", "P2", "Mugwort juice")],
	pour: (body: Record<string, unknown>) => readonly [number, unknown] = () => [
		200,
		{ taken: "20 mL", bottle: { ...bottle("b1", "P1", "Chickweed juice"), level: "600 mL" } },
	],
) {
	return serve({
		"GET /api/bottles": () => [200, bottles],
		"GET /api/plantings": () => [200, [{ id: "k1", name: "Kohlrabi", stage: "leafy", size: "3 m²" }]],
		"POST /api/mixes": (body) => [200, mix(body as Asked)],
		"POST /api/feeds": pour,
	});
}

const N = "Parts of water to one part of brew";

describe("MixPage", () => {
	it("takes the bottle to use first and the first planting", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		expect(await screen.findByRole("radio", { name: /Chickweed juice/ })).toBeChecked();
		await waitFor(() =>
			expect(sent.at(-1)?.body).toEqual({
				bottleId: "b1",
				plantingId: "k1",
				target: "SOIL",
				can: "10 L",
				confirmed: [],
			}),
		);
	});

	it("takes the bottle that it was opened with", async () => {
		garden();
		show(<MixPage />, "/mix?bottle=b2");
		expect(await screen.findByRole("radio", { name: /Mugwort juice/ })).toBeChecked();
	});

	it("tells the mix for a piece of ground, and the ground for a mix", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		const ground = await screen.findByRole("textbox", { name: "Ground" });
		await userEvent.clear(ground);
		await userEvent.type(ground, "4 m²");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ area: "4 m²" }));
		expect(screen.getByRole("textbox", { name: "Mix" })).toHaveValue("10 L");
		await userEvent.type(screen.getByRole("textbox", { name: "Mix" }), "0");
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ mix: "10 L0" }));
		expect(sent.at(-1)?.body).not.toHaveProperty("area");
	});

	it("goes back to the usual strength and takes the sprayer when leaves are to be fed", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		const strength = await screen.findByRole("textbox", { name: N });
		await userEvent.clear(strength);
		await userEvent.type(strength, "600");
		await userEvent.click(screen.getByRole("radio", { name: "Leaves" }));
		await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ target: "LEAVES", can: "5 L" }));
		expect(sent.at(-1)?.body).not.toHaveProperty("strength");
		expect(screen.getByRole("radio", { name: "Sprayer" })).toBeChecked();
	});

	it("lets nothing be poured that burns", async () => {
		garden();
		show(<MixPage />, "/mix");
		const strength = await screen.findByRole("textbox", { name: N });
		await userEvent.clear(strength);
		await userEvent.type(strength, "100");
		expect(await screen.findByText("It burns.", { exact: false, selector: "li span" })).toBeVisible();
		expect(screen.getByRole("button", { name: "Refused: see why" })).toBeDisabled();
	});

	it("pours once and says what is left", async () => {
		const sent = garden();
		show(<MixPage />, "/mix");
		await userEvent.click(await screen.findByRole("button", { name: "Poured: take 20 mL from P1" }));
		expect(await screen.findByRole("status")).toHaveTextContent("20 mL taken from P1; 600 mL left.");
		expect(sent.filter((call) => call.path === "POST /api/feeds")).toHaveLength(1);
	});

	it("says so when the bottle was emptied from elsewhere", async () => {
		garden(undefined, () => [409, { status: 409, code: "bottle-short", detail: "Only 12 mL are left." }]);
		show(<MixPage />, "/mix");
		await userEvent.click(await screen.findByRole("button", { name: "Poured: take 20 mL from P1" }));
		expect(await screen.findByText("Only 12 mL are left.")).toBeVisible();
	});

	it("leads to the pots while there is no bottle", async () => {
		garden([]);
		show(<MixPage />, "/mix");
		expect(await screen.findByRole("link", { name: "See the pots" })).toHaveAttribute("href", "/pots");
	});

	it("pours what is unwise only after the gardener has read why and decided", async () => {
		const sent = garden();
		show(<MixPage />);
		await userEvent.click(await screen.findByRole("radio", { name: "Seedlings" }));
		expect(await screen.findByText("Nobody has told.")).toBeVisible();
		const pour = screen.getByRole("button", { name: /Poured: take/ });
		expect(pour).toBeDisabled();
		await userEvent.click(screen.getByRole("checkbox", { name: /do it all the same/ }));
		await userEvent.click(pour);
		await waitFor(() => expect(sent.at(-1)?.path).toBe("POST /api/feeds"));
		expect(sent.at(-1)?.body).toMatchObject({ confirmed: ["unknown-use"] });
	});
});
