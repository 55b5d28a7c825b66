export { NotebookPage } from "./NotebookPage";
