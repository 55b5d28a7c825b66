import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useSyncExternalStore } from "react";
import { isReachable } from "../../api/reachable";
import { forgetOldAnswers } from "../../offline/answers";
import { useMe } from "../people";

/** First once the page has settled, then every so often while somebody looks. */
const FIRST_MS = 5_000;
const AGAIN_MS = 600_000;

/** Whether this browser keeps the pages themselves. */
function isKept(): boolean {
	return navigator.serviceWorker?.controller != null;
}

function onKept(call: () => void): () => void {
	navigator.serviceWorker?.addEventListener("controllerchange", call);
	return () => navigator.serviceWorker?.removeEventListener("controllerchange", call);
}

/** Has everything that a walk asks for at hand before the connection is lost, on a device that may keep it. */
export function useTakeAlong(): void {
	const me = useMe().data;
	const queryClient = useQueryClient();
	const opensAlone = useSyncExternalStore(onKept, isKept);
	const away = me?.keeps === true && (!me.atTheMachine || opensAlone);
	useEffect(() => {
		if (!away) {
			return;
		}
		const go = () => {
			if (document.visibilityState === "visible" && isReachable()) {
				import("./takeAlong").then(({ takeAlong }) => takeAlong(queryClient)).catch(() => {});
			}
		};
		forgetOldAnswers(Date.now()).catch(() => {});
		const first = window.setTimeout(go, FIRST_MS);
		const again = window.setInterval(go, AGAIN_MS);
		return () => {
			window.clearTimeout(first);
			window.clearInterval(again);
		};
	}, [away, queryClient]);
}
