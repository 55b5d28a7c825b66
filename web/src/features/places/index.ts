export { PlaceSelect } from "./PlaceSelect";
export { PlacesPage } from "./PlacesPage";
export { usePlaces, useWeather } from "./queries";
