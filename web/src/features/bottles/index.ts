export { BottlesPage } from "./BottlesPage";
export { bottlesQuery } from "./queries";
