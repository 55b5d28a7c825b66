export type Theme = "light" | "dark";

const STORED = "potmellow-theme";

/** The gardener's own choice on this device, else what the device asks for. */
export function chosenTheme(): Theme {
	const stored = localStorage.getItem(STORED);
	if (stored === "light" || stored === "dark") {
		return stored;
	}
	return window.matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

export function applyTheme(theme: Theme): void {
	document.documentElement.dataset.bsTheme = theme;
}

export function rememberTheme(theme: Theme): void {
	localStorage.setItem(STORED, theme);
	applyTheme(theme);
}
