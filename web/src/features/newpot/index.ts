export { recipeAddress } from "./draft";
