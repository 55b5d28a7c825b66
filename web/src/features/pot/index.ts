export { PotPage } from "./PotPage";
