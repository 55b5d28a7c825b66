export { Gate } from "./Gate";
export { meQuery, useMay, useMe } from "./queries";
