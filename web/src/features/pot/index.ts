export { CheckForm } from "./CheckForm";
export { DangerCard } from "./DangerCard";
export { PotDrawing, PotVessel } from "./PotDrawing";
export { PotRibbon } from "./PotRibbon";
export { type Logged, potQuery } from "./queries";
export { VerdictCard } from "./VerdictCard";
