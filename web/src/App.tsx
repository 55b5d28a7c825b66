import { QueryClientProvider } from "@tanstack/react-query";
import { useEffect } from "react";
import { BrowserRouter } from "react-router";
import { makeQueryClient } from "./api/queryClient";
import { Band } from "./features/garden";
import { Gate } from "./features/people";
import { Announcer } from "./shared/announce";
import { useEnterOnce } from "./shared/useEnterOnce";
import { fetchAll } from "./shell/lazily";
import { Views } from "./shell/Views";

const queryClient = makeQueryClient(5_000);
/** Once the first page is there, the others are fetched. */
const FETCH_OTHERS_MS = 4_000;

export function App() {
	useEnterOnce();
	useEffect(() => {
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
				</Gate>
				<Announcer />
			</BrowserRouter>
		</QueryClientProvider>
	);
}
