export { WelcomePage } from "./WelcomePage";
