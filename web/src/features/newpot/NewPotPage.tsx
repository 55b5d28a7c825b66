import { useSearchParams } from "react-router";
import { Doors } from "./Doors";
import { RecipePage } from "./RecipePage";

/** Three doors to a brew, then one page for every method. */
export function NewPotPage() {
	const [search] = useSearchParams();
	const method = search.get("method");
	return method ? <RecipePage key={search.toString()} search={search} /> : <Doors />;
}
