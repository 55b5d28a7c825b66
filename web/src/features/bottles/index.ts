export { bottlesQuery, brewKindsQuery, useBrewKinds } from "./queries";
