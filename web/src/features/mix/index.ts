export { MixPage } from "./MixPage";
