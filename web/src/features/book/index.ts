export { BookPage } from "./BookPage";
export { FactsPage } from "./FactsPage";
export { MethodPage } from "./MethodPage";
export { OwnMethodPage } from "./OwnMethodPage";
export { useBook } from "./queries";
export { SchoolsPage } from "./SchoolsPage";
