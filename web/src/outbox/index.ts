export { drop, keep, waiting } from "./outbox";
export { isLost, sendCheck, sendWaiting } from "./send";
export { useOutbox } from "./useOutbox";
