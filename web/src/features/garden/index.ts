export { Band } from "./Band";
export { gardenQuery, useGarden } from "./queries";
