export { NewPotPage } from "./NewPotPage";
export { usePlaces, useVessels } from "./queries";
