import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const LONGEST = 100;
const BEGINS = /^(?:export )?(?:default )?function ([A-Z]\w*)/;

type Component = { readonly name: string; readonly lines: number };

/** Components of a file, as the formatter leaves them: from their first line to the brace in the first column. */
function componentsOf(file: string): Component[] {
	const lines = readFileSync(file, "utf8").split("\n");
	return lines.flatMap((line, first) => {
		const name = BEGINS.exec(line)?.[1];
		return name === undefined ? [] : [{ name, lines: lines.indexOf("}", first) - first + 1 }];
	});
}

describe("components", () => {
	const files = readdirSync(__dirname, { recursive: true, encoding: "utf8" }).filter((name) => name.endsWith(".tsx"));
	const all = files.flatMap((name) => componentsOf(join(__dirname, name)));

	it("do one thing each: none is longer than a hundred lines", () => {
		expect(all.length).toBeGreaterThan(200);
		expect(all.filter((one) => one.lines > LONGEST)).toEqual([]);
	});
});
