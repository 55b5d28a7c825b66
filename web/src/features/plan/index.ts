export { useCarryOut } from "./queries";
export { goalAddress } from "./wanted";
