export { Band } from "./Band";
export { gardenQuery, useChangeStandIns, useGarden } from "./queries";
export { StoreTabs } from "./StoreTabs";
export { ThemeButton, UnitsButton } from "./tools";
export { useStore } from "./useStore";
export { STORE, VIEWS } from "./views";
