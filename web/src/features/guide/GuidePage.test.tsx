import { readdirSync } from "node:fs";
import { screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { serve, show } from "../../testing/serve";
import { GuidePage } from "./GuidePage";
import { PAGES, picture } from "./pages";

describe("GuidePage", () => {
	it("opens the first page where none is named, and says which one it is", () => {
		serve({});
		show(<GuidePage />, "/guide", "/guide");
		expect(screen.getByRole("heading", { level: 1, name: "The first jar" })).toBeVisible();
		expect(screen.getByRole("link", { name: "The first jar" })).toHaveAttribute("aria-current", "page");
	});

	it("tells of the danger where it stands", () => {
		serve({});
		show(<GuidePage />, "/guide/first-jar", "/guide/:id");
		expect(screen.getByText(/Never screw a lid on/)).toBeVisible();
	});

	it.each(PAGES)("has every picture of “$name”, with words for who doesn't see it", ({ id, text }) => {
		serve({});
		show(<GuidePage />, `/guide/${id}`, "/guide/:id");
		const named = [...text.matchAll(/!\[([^\]]+)\]\(([^)]+)\)/g)];
		for (const [, words, path] of named) {
			expect(picture(path ?? ""), path).toBeTruthy();
			expect(screen.getByRole("img", { name: words })).toBeInTheDocument();
		}
		expect(screen.queryAllByRole("img")).toHaveLength(named.length);
	});

	it("has every file of the guide", () => {
		const files = readdirSync("../docs/guide").map((file) => file.replace(".md", ""));
		expect(PAGES.map((page) => page.id).sort()).toEqual(files.sort());
	});
});
