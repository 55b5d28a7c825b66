export { VESSEL_KINDS } from "./AddVesselForm";
export { useVessels } from "./queries";
export { VesselsPage } from "./VesselsPage";
