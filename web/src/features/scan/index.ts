export { ScanButton } from "./ScanButton";
export { useGoToCode } from "./useGoToCode";
