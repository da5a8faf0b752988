export { hashOf, normalFrom, randomFrom } from "./random";
