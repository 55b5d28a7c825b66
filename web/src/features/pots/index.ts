export { PotsPage } from "./PotsPage";
export { bottlesQuery, potsQuery } from "./queries";
