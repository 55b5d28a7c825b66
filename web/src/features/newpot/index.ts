export { NewPotPage } from "./NewPotPage";
