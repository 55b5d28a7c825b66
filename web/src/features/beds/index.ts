export { BedsPage } from "./BedsPage";
export { CropsPage } from "./CropsPage";
