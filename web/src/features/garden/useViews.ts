import { useMay } from "../people";
import { VIEWS } from "./views";

/** The views that are for who sits here. */
export function useViews() {
	const gardener = useMay("GARDENER");
	return VIEWS.filter((view) => gardener || view.forAll);
}
