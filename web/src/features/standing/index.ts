export { StandingPage } from "./StandingPage";
