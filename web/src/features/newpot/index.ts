export { recipeAddress } from "./draft";
export { NewPotPage } from "./NewPotPage";
