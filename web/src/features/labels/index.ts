export { CodePage } from "./CodePage";
export { LabelsPage } from "./LabelsPage";
