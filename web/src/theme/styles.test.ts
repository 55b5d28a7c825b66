import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const SOURCE = join(__dirname, "..");
const files = readdirSync(SOURCE, { recursive: true, encoding: "utf8" }).map((name) => join(SOURCE, name));
const styles = files
	.filter((name) => name.endsWith(".css"))
	.map((name) => readFileSync(name, "utf8").replace(/\/\*[\s\S]*?\*\//g, ""))
	.join("\n");
const pages = files
	.filter((name) => /\.tsx?$/.test(name) && !name.includes(".test."))
	.map((name) => readFileSync(name, "utf8"))
	.join("\n");
const bootstrap = readFileSync(join(SOURCE, "../node_modules/bootstrap/dist/css/bootstrap.css"), "utf8");

function classesOf(css: string): Set<string> {
	const selectors = [...css.matchAll(/([^{}]+)\{/g)].map((rule) => rule[1] ?? "").filter((one) => !/^\s*@/.test(one));
	return new Set(selectors.flatMap((one) => [...one.matchAll(/\.([a-zA-Z][\w-]*)/g)].map((name) => name[1] ?? "")));
}

describe("the styles", () => {
	it("dress nothing that no page has", () => {
		const theirs = classesOf(bootstrap);
		const worn = (name: string) => new RegExp(`(?<![\\w-])${name}(?![\\w-])`).test(pages);
		expect([...classesOf(styles)].filter((name) => !theirs.has(name) && !worn(name))).toEqual([]);
	});

	it("know nine sizes of letters, which follow the reader's own", () => {
		const scale = [...styles.matchAll(/--size-[\w-]+: ([^;]+);/g)].map((size) => size[1]);
		expect(scale.length).toBeLessThanOrEqual(9);
		expect(scale.filter((size) => !size?.endsWith("rem"))).toEqual([]);
		const used = [...styles.matchAll(/(?:^|[\s;{])font(?:-size)?:\s*([^;]+);/g)].map((one) => one[1] ?? "");
		// Numerals to be read at arm's length are as large as the screen lets them be.
		expect(used.filter((one) => !/var\(--size-|^inherit$|^clamp\(/.test(one))).toEqual([]);
	});
});
