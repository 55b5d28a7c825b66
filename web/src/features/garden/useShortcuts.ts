import { useEffect } from "react";
import { useNavigate } from "react-router";
import { isShortcut } from "../../shared/singleKeys";
import { useViews } from "./useViews";
import { FIND, NEW_POT } from "./views";

/** Digits open the views, N a new pot, / the search, ? the list of keys; never while something is open, typed or chosen. */
export function useShortcuts(onList: () => void): void {
	const navigate = useNavigate();
	const views = useViews();
	useEffect(() => {
		const onKey = (event: KeyboardEvent) => {
			if (!isShortcut(event)) {
				return;
			}
			const view = views.find((known) => known.key === event.key);
			if (view) {
				navigate(view.path);
			} else if (event.key.toLowerCase() === NEW_POT.key) {
				navigate(NEW_POT.path);
			} else if (event.key === FIND.key) {
				event.preventDefault();
				navigate(FIND.path);
			} else if (event.key === "?") {
				onList();
			}
		};
		document.addEventListener("keydown", onKey);
		return () => document.removeEventListener("keydown", onKey);
	}, [navigate, onList, views]);
}
