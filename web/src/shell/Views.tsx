import { Suspense } from "react";
import { Navigate, Route, Routes, useLocation } from "react-router";
import { STORE, StoreTabs, useGarden } from "../features/garden";
import { RoundPage } from "../features/round/RoundPage";
import { lazily } from "./lazily";
import { NothingHere } from "./NothingHere";
import { useArrival } from "./useArrival";
import { ViewBoundary } from "./ViewBoundary";

const WelcomePage = lazily(() => import("../features/welcome/WelcomePage"), "WelcomePage");

const GuidePage = lazily(() => import("../features/guide/GuidePage"), "GuidePage");

/** Every view but the first, each in a file of its own. */
const VIEWS = {
	"/round/sheet": lazily(() => import("../features/round/RoundSheet"), "RoundSheet"),
	"/welcome": WelcomePage,
	"/more": lazily(() => import("../features/more/MorePage"), "MorePage"),
	"/guide": GuidePage,
	"/guide/:id": GuidePage,
	"/phones": lazily(() => import("../features/people/PhonesPage"), "PhonesPage"),
	"/phone": lazily(() => import("../features/people/PhonePage"), "PhonePage"),
	"/licences": lazily(() => import("../features/licences/LicencesPage"), "LicencesPage"),
	"/pots": lazily(() => import("../features/pots/PotsPage"), "PotsPage"),
	"/pots/new": lazily(() => import("../features/newpot/NewPotPage"), "NewPotPage"),
	"/pots/standing": lazily(() => import("../features/standing/StandingPage"), "StandingPage"),
	"/pots/:id": lazily(() => import("../features/pot/PotPage"), "PotPage"),
	"/mix": lazily(() => import("../features/mix/MixPage"), "MixPage"),
	"/bench": lazily(() => import("../features/bench/BenchPage"), "BenchPage"),
	"/bench/:id": lazily(() => import("../features/bench/InstrumentPage"), "InstrumentPage"),
	"/practice": lazily(() => import("../features/practice/PracticePage"), "PracticePage"),
	"/practice/:id": lazily(() => import("../features/practice/PlayPage"), "PlayPage"),
	"/plan": lazily(() => import("../features/plan/PlanPage"), "PlanPage"),
	"/plan/sheet": lazily(() => import("../features/plan/PlanSheet"), "PlanSheet"),
	"/garden": lazily(() => import("../features/beds/BedsPage"), "BedsPage"),
	"/garden/crops": lazily(() => import("../features/beds/CropsPage"), "CropsPage"),
	"/garden/notebook": lazily(() => import("../features/notebook/NotebookPage"), "NotebookPage"),
	"/bottles": lazily(() => import("../features/bottles/BottlesPage"), "BottlesPage"),
	"/labels": lazily(() => import("../features/labels/LabelsPage"), "LabelsPage"),
	"/codes": lazily(() => import("../features/labels/CodePage"), "CodePage"),
	/** What stands on labels; without a connection it comes here as it is. */
	"/c/:code": lazily(() => import("../features/labels/CodePage"), "CodePage"),
	"/codes/:code": lazily(() => import("../features/labels/CodePage"), "CodePage"),
	"/places": lazily(() => import("../features/places/PlacesPage"), "PlacesPage"),
	"/readings": lazily(() => import("../features/readings/ReadingsPage"), "ReadingsPage"),
	"/vessels": lazily(() => import("../features/vessels/VesselsPage"), "VesselsPage"),
	"/book": lazily(() => import("../features/book/BookPage"), "BookPage"),
	"/book/facts": lazily(() => import("../features/book/FactsPage"), "FactsPage"),
	"/book/schools/:id": lazily(() => import("../features/book/SchoolsPage"), "SchoolsPage"),
	"/book/methods/:id": lazily(() => import("../features/book/MethodPage"), "MethodPage"),
	"/book/methods/:id/own": lazily(() => import("../features/book/OwnMethodPage"), "OwnMethodPage"),
} as const;

/** The view of the address; a garden that was never asked anything begins with the questions, or with the guide. */
export function Views() {
	const garden = useGarden().data;
	const { pathname } = useLocation();
	useArrival();
	const inStore = garden?.welcomed && STORE.some((page) => page.path === pathname);
	return (
		<ViewBoundary>
			{inStore && <StoreTabs />}
			<Suspense fallback={<p className="pots soft">Fetching that page …</p>}>
				{garden && !garden.welcomed && !pathname.startsWith("/guide") ? (
					<WelcomePage />
				) : (
					<Routes>
						<Route path="/" element={<Navigate to="/round" replace />} />
						<Route path="/round" element={<RoundPage />} />
						{Object.entries(VIEWS).map(([path, View]) => (
							<Route key={path} path={path} element={<View key={path} />} />
						))}
						<Route path="*" element={<NothingHere />} />
					</Routes>
				)}
			</Suspense>
		</ViewBoundary>
	);
}
