export { ReadingsPage } from "./ReadingsPage";
