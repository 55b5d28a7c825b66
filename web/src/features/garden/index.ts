export { Band } from "./Band";
export { gardenQuery, useChangeStandIns, useGarden } from "./queries";
