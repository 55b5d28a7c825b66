export { type Act, isAbout, isOnlyWaiting, type Picture, type Waiting } from "./act";
export { drop, keep, open, put, waiting } from "./outbox";
export { isLost, sendFed, sendLook, sendPicture, sendPour, sendVisit, sendWatering } from "./send";
export { sendWaiting } from "./sendWaiting";
export { useOutbox, useSendOrKeep, useWho } from "./useOutbox";
export { useWaiting } from "./useWaiting";
