export { Connection } from "./Connection";
export { KeptHere } from "./KeptHere";
export { useNewVersion } from "./useNewVersion";
export { useTakeAlong } from "./useTakeAlong";
