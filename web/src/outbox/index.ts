export { drop, keep, type Waiting, waiting } from "./outbox";
export { isLost, sendCheck, sendWaiting } from "./send";
export { useOutbox } from "./useOutbox";
export { useWaiting } from "./useWaiting";
