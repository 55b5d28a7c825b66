import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { Band } from "./features/garden";
import { MixPage } from "./features/mix";
import { NewPotPage } from "./features/newpot";
import { PotPage } from "./features/pot";
import { PotsPage } from "./features/pots";

const queryClient = new QueryClient({
	defaultOptions: { queries: { retry: false, staleTime: 5_000 }, mutations: { retry: false } },
});

export function App() {
	return (
		<QueryClientProvider client={queryClient}>
			<BrowserRouter>
				<Band />
				<main id="view">
					<Routes>
						<Route path="/" element={<Navigate to="/pots" replace />} />
						<Route path="/pots" element={<PotsPage />} />
						<Route path="/pots/new" element={<NewPotPage />} />
						<Route path="/pots/:id" element={<PotPage />} />
						<Route path="/mix" element={<MixPage />} />
						<Route path="*" element={<Navigate to="/pots" replace />} />
					</Routes>
				</main>
			</BrowserRouter>
		</QueryClientProvider>
	);
}
