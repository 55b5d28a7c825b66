export { Band } from "./Band";
export { gardenQuery, useChangeStandIns, useGarden } from "./queries";
export { StoreTabs } from "./StoreTabs";
export { ThemeButton, UnitsButton } from "./tools";
export { useStore } from "./useStore";
export { useViews } from "./useViews";
export { STORE, VIEWS } from "./views";
