export { useBook } from "./queries";
