export { BenchPage } from "./BenchPage";
export { InstrumentPage } from "./InstrumentPage";
