export { PlanPage } from "./PlanPage";
export { PlanSheet } from "./PlanSheet";
export { useCarryOut } from "./queries";
export { goalAddress } from "./wanted";
