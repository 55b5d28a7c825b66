import { useMay } from "../people";
import { STORE } from "./views";

/** The pages of the store that are for who sits here. */
export function useStore() {
	const owner = useMay("OWNER");
	return STORE.filter((page) => owner || !page.owner);
}
