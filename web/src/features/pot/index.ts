export { CheckForm } from "./CheckForm";
export { DangerCard } from "./DangerCard";
export { PotDrawing } from "./PotDrawing";
export { PotPage } from "./PotPage";
export { PotRibbon } from "./PotRibbon";
export { type Logged, potQuery } from "./queries";
export { VerdictCard } from "./VerdictCard";
