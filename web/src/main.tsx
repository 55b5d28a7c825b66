import "@fontsource-variable/atkinson-hyperlegible-next/wght.css";
import "@fontsource-variable/fraunces/full.css";
import "./theme/fonts.css";
import "bootstrap/dist/css/bootstrap.min.css";
import "./theme/theme.css";
import "./theme/pages.css";
import "./theme/book.css";
import "./theme/living.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./App";
import { forgetOldTyped } from "./shared/useTyped";
import { applyTheme, chosenTheme } from "./theme/theme";

applyTheme(chosenTheme());
forgetOldTyped();

const root = document.getElementById("root");
if (!root) {
	throw new Error("The page has no element with the id root to draw into.");
}
createRoot(root).render(
	<StrictMode>
		<App />
	</StrictMode>,
);
