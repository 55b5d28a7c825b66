import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { serve, show } from "../../testing/serve";
import { LicencesPage } from "./LicencesPage";

it("names what others made, and opens the text of a licence that is shipped with it", async () => {
	serve({
		"GET /api/licences": () => [
			200,
			{
				browser: [{ name: "a-font", version: "1.0", identifier: "OFL-1.1", text: "SIL OPEN FONT LICENSE" }],
				program: [{ name: "org.example:lib", version: "2.0", identifier: "MIT", text: "" }],
			},
		],
	});
	show(<LicencesPage />);
	expect(await screen.findByText("org.example:lib")).toBeVisible();
	expect(screen.getByText("SIL OPEN FONT LICENSE")).not.toBeVisible();
	await userEvent.click(screen.getByText("a-font"));
	expect(screen.getByText("SIL OPEN FONT LICENSE")).toBeVisible();
});
