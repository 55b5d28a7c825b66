export { useVessels } from "./queries";
export { VesselKindSelect } from "./VesselKindSelect";
export { VesselsPage } from "./VesselsPage";
