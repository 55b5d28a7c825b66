export { PlaceSelect } from "./PlaceSelect";
export { usePlaces, useWeather } from "./queries";
