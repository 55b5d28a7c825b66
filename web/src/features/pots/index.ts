export { PotsPage } from "./PotsPage";
export { potsQuery } from "./queries";
