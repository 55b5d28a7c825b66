import { afterEach, describe, expect, it } from "vitest";
import { isShortcut, letKeysAct } from "./singleKeys";

function pressed(on: Element, more: KeyboardEventInit = {}): boolean {
	let shortcut = false;
	const listen = (event: KeyboardEvent) => {
		shortcut = isShortcut(event);
	};
	document.addEventListener("keydown", listen);
	on.dispatchEvent(new KeyboardEvent("keydown", { key: "2", bubbles: true, ...more }));
	document.removeEventListener("keydown", listen);
	return shortcut;
}

function drawn(html: string): Element {
	document.body.innerHTML = html;
	return document.body.querySelector(".here") ?? document.body;
}

describe("a single key", () => {
	afterEach(() => {
		document.body.innerHTML = "";
		window.localStorage.clear();
	});

	it("acts on the bare page, and on what is neither typed nor chosen", () => {
		expect(pressed(document.body)).toBe(true);
		expect(pressed(drawn("<a class='here' href='/'>Round</a>"))).toBe(true);
	});

	it.each([
		"<input class='here'>",
		"<textarea class='here'></textarea>",
		"<select class='here'></select>",
		"<form><button class='here'>a few</button></form>",
		"<div role='radiogroup'><button class='here' role='radio'>1:500</button></div>",
	])("does nothing on %s", (html) => {
		expect(pressed(drawn(html))).toBe(false);
	});

	it("does nothing behind what is open", () => {
		expect(pressed(drawn("<button class='here'>x</button><div role='dialog'></div>"))).toBe(false);
	});

	it.each(["ctrlKey", "metaKey", "altKey"])("does nothing with %s", (held) => {
		expect(pressed(document.body, { [held]: true })).toBe(false);
	});

	it("does nothing where it was turned off", () => {
		letKeysAct(false);
		expect(pressed(document.body)).toBe(false);
		letKeysAct(true);
		expect(pressed(document.body)).toBe(true);
	});
});
