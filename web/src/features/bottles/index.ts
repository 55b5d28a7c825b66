export { BottlesPage } from "./BottlesPage";
export { bottlesQuery, useBrewKinds } from "./queries";
