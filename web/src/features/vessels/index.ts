export { useVessels } from "./queries";
export { VesselsPage } from "./VesselsPage";
