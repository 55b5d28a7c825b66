import { QueryClientProvider } from "@tanstack/react-query";
import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { makeQueryClient } from "./api/queryClient";
import { BedsPage, CropsPage } from "./features/beds";
import { BenchPage, InstrumentPage } from "./features/bench";
import { BookPage, FactsPage, MethodPage, OwnMethodPage, SchoolsPage } from "./features/book";
import { BottlesPage } from "./features/bottles";
import { Band, useGarden } from "./features/garden";
import { CodePage, LabelsPage } from "./features/labels";
import { MixPage } from "./features/mix";
import { NewPotPage } from "./features/newpot";
import { NotebookPage } from "./features/notebook";
import { PlacesPage } from "./features/places";
import { PlanPage, PlanSheet } from "./features/plan";
import { PotPage } from "./features/pot";
import { PotsPage } from "./features/pots";
import { ReadingsPage } from "./features/readings";
import { RoundPage, RoundSheet } from "./features/round";
import { StandingPage } from "./features/standing";
import { VesselsPage } from "./features/vessels";
import { WelcomePage } from "./features/welcome";
import { useEnterOnce } from "./shared/useEnterOnce";

const queryClient = makeQueryClient(5_000);

export function App() {
	useEnterOnce();
	return (
		<QueryClientProvider client={queryClient}>
			<BrowserRouter>
				<Band />
				<main id="view">
					<Views />
				</main>
			</BrowserRouter>
		</QueryClientProvider>
	);
}

/** All views; a garden that was never asked anything begins with the questions. */
function Views() {
	const garden = useGarden().data;
	if (garden && !garden.welcomed) {
		return <WelcomePage />;
	}
	return (
		<Routes>
			<Route path="/" element={<Navigate to="/round" replace />} />
			<Route path="/round" element={<RoundPage />} />
			<Route path="/round/sheet" element={<RoundSheet />} />
			<Route path="/welcome" element={<WelcomePage />} />
			<Route path="/pots" element={<PotsPage />} />
			<Route path="/pots/new" element={<NewPotPage />} />
			<Route path="/pots/standing" element={<StandingPage />} />
			<Route path="/pots/:id" element={<PotPage />} />
			<Route path="/mix" element={<MixPage />} />
			<Route path="/bench" element={<BenchPage />} />
			<Route path="/bench/:id" element={<InstrumentPage />} />
			<Route path="/plan" element={<PlanPage />} />
			<Route path="/plan/sheet" element={<PlanSheet />} />
			<Route path="/garden" element={<BedsPage />} />
			<Route path="/garden/crops" element={<CropsPage />} />
			<Route path="/garden/notebook" element={<NotebookPage />} />
			<Route path="/bottles" element={<BottlesPage />} />
			<Route path="/labels" element={<LabelsPage />} />
			<Route path="/codes" element={<CodePage key="none" />} />
			<Route path="/codes/:code" element={<CodePage key="some" />} />
			<Route path="/places" element={<PlacesPage />} />
			<Route path="/readings" element={<ReadingsPage />} />
			<Route path="/vessels" element={<VesselsPage />} />
			<Route path="/book" element={<BookPage />} />
			<Route path="/book/facts" element={<FactsPage />} />
			<Route path="/book/schools/:id" element={<SchoolsPage />} />
			<Route path="/book/methods/:id" element={<MethodPage />} />
			<Route path="/book/methods/:id/own" element={<OwnMethodPage />} />
			<Route path="*" element={<Navigate to="/round" replace />} />
		</Routes>
	);
}
