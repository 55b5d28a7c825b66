export { Gate } from "./Gate";
export { useMay, useMe } from "./queries";
