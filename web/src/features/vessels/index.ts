export { useVessels } from "./queries";
export { VesselKindSelect } from "./VesselKindSelect";
