import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { GARDEN, serve, show } from "../../testing/serve";
import { Band } from "./Band";

describe("Band", () => {
	it("tells the day in the garden's own zone", async () => {
		serve({});
		show(<Band />);
		expect(await screen.findByText(/Wed 20 May.* 9:10/)).toBeVisible();
		expect(screen.getByText(/sample world/)).toBeVisible();
	});

	it("changes the units on the version that it shows", async () => {
		const sent = serve({
			"PUT /api/garden/units": () => [200, { ...GARDEN, units: "US", version: 8 }],
		});
		show(<Band />);
		await userEvent.click(await screen.findByRole("button", { name: /Units: metric/ }));
		await waitFor(() => expect(sent[0]?.body).toEqual({ units: "US", version: 7 }));
	});

	it("turns the colours and remembers them", async () => {
		serve({});
		show(<Band />);
		await userEvent.click(screen.getByRole("button", { name: "Change to dark colours" }));
		expect(document.documentElement.dataset.bsTheme).toBe("dark");
		await userEvent.click(screen.getByRole("button", { name: "Change to light colours" }));
		expect(document.documentElement.dataset.bsTheme).toBe("light");
	});
});
