export { feedsQuery, plantingsQuery, useUndo } from "./queries";
