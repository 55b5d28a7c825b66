import { type ComponentType, type LazyExoticComponent, lazy } from "react";

const RELOADED = "pot-mellow.reloaded";
const loaders: (() => Promise<unknown>)[] = [];

/**
 * A view in a file of its own. Where that file can't be had, as after an update, the page is loaded anew, once; if it can't be had
 * then either, that is told in the view's place.
 */
export function lazily<Name extends string>(
	load: () => Promise<Record<Name, ComponentType>>,
	name: Name,
	reload: () => void = () => window.location.reload(),
): LazyExoticComponent<ComponentType> {
	loaders.push(load);
	return lazy(async () => {
		try {
			const views = await load();
			window.sessionStorage.removeItem(RELOADED);
			return { default: views[name] };
		} catch (gone) {
			if (window.sessionStorage.getItem(RELOADED) !== null) {
				throw gone;
			}
			window.sessionStorage.setItem(RELOADED, "once");
			reload();
			return new Promise(() => {});
		}
	});
}

/** Fetches every view while nothing else is to be done, so that a walk without a connection finds them all. */
export function fetchAll(): void {
	for (const load of loaders) {
		load().catch(() => {});
	}
}
