export { privateCopy } from "./privateCopy";
