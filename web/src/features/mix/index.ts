export { MixPage } from "./MixPage";
export { feedsQuery, plantingsQuery, useUndo } from "./queries";
