export { bottlesQuery, useBrewKinds } from "./queries";
