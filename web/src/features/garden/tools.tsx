import { useState } from "react";
import Button from "react-bootstrap/Button";
import { chosenTheme, rememberTheme, type Theme } from "../../theme/theme";
import { useChangeUnits, useGarden } from "./queries";

/** Turns between metric and US kitchen units. */
export function UnitsButton() {
	const garden = useGarden().data;
	const change = useChangeUnits();
	if (!garden) {
		return null;
	}
	const other = garden.units === "METRIC" ? "US" : "METRIC";
	return (
		<Button
			variant="outline"
			aria-label={`Units: ${garden.units === "METRIC" ? "metric" : "US kitchen"}. Change to ${other === "US" ? "US kitchen" : "metric"}`}
			disabled={change.isPending}
			onClick={() => change.mutate({ units: other, version: garden.version })}
		>
			{garden.units === "METRIC" ? "g, L" : "oz, gal"}
		</Button>
	);
}

/** Turns between light and dark. */
export function ThemeButton() {
	const [theme, setTheme] = useState<Theme>(chosenTheme);
	const other = theme === "light" ? "dark" : "light";
	const turn = () => {
		rememberTheme(other);
		setTheme(other);
	};
	return (
		<Button variant="outline" aria-label={`Change to ${other} colours`} onClick={turn}>
			<svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
				<circle cx="9" cy="9" r="7.2" fill="none" stroke="currentColor" strokeWidth="1.6" />
				<path d="M9 1.8a7.2 7.2 0 0 1 0 14.4z" fill="currentColor" />
			</svg>
		</Button>
	);
}
