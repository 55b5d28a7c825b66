export { PlacesPage } from "./PlacesPage";
export { usePlaces } from "./queries";
