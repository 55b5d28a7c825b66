export { potsQuery } from "./queries";
