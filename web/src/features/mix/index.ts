export { feedsQuery, plantingsQuery, useUndo } from "./queries";
export { todaysMix } from "./todaysMix";
