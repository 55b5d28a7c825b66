export { VesselsPage } from "./VesselsPage";
