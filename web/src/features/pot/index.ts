export { CheckForm } from "./CheckForm";
export { PotDrawing } from "./PotDrawing";
export { PotPage } from "./PotPage";
export { PotRibbon } from "./PotRibbon";
export { potQuery } from "./queries";
export { VerdictCard } from "./VerdictCard";
