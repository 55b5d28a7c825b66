export { RoundPage } from "./RoundPage";
export { RoundSheet } from "./RoundSheet";
