import { type Backup, NOTHING_PRINTED, type Pack } from "../model";
import catalogue from "./catalogue.json";
import home from "./home.json";

/**
 * A small catalogue for the tests of core: some seventy activities with all skills and materials, as they were when it
 * was made. It is kept as it is, so that an edit of the content is judged by the content's own tests and breaks no other.
 */
export const FIXTURE = { ...catalogue, printing: NOTHING_PRINTED } as unknown as Pack;

/** A household that uses it, anew for each call: two children, two homes, twelve weeks of notes. */
export const fixtureHome = (): Backup => structuredClone(home) as unknown as Backup;
