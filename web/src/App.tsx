import { QueryClientProvider } from "@tanstack/react-query";
import { useEffect } from "react";
import { BrowserRouter } from "react-router";
import { makeQueryClient } from "./api/queryClient";
import { Band } from "./features/garden";
import { Connection, useNewVersion, useTakeAlong } from "./features/offline";
import { Gate, meQuery } from "./features/people";
import { answersAtHand } from "./offline/answers";
import { keepPages } from "./offline/worker";
import { Announcer } from "./shared/announce";
import { useEnterOnce } from "./shared/useEnterOnce";
import { fetchAll } from "./shell/lazily";
import { Views } from "./shell/Views";

const STALE_MS = 5_000;
const queryClient = makeQueryClient(
	STALE_MS,
	answersAtHand(async () => (await queryClient.ensureQueryData(meQuery)).keeps),
);
/** Once the first page is there, the others are fetched. */
const FETCH_OTHERS_MS = 4_000;

export function App() {
	useEnterOnce();
	useEffect(() => {
		if (import.meta.env.PROD) {
			keepPages();
		}
		const later = window.setTimeout(fetchAll, FETCH_OTHERS_MS);
		return () => window.clearTimeout(later);
	}, []);
	return (
		<QueryClientProvider client={queryClient}>
			<BrowserRouter>
				<a className="skip" href="#view">
					To the page itself
				</a>
				<Gate>
					<Band />
					<main id="view" tabIndex={-1}>
						<Views />
					</main>
					<Away />
				</Gate>
				<Announcer />
			</BrowserRouter>
		</QueryClientProvider>
	);
}

/** What makes a walk without a connection possible. */
function Away() {
	useTakeAlong();
	useNewVersion();
	return <Connection />;
}
