import { useSyncExternalStore } from "react";
import { planner } from "../../solver/plannerClient";

/** Is a plan being made? The one before stays on the page meanwhile, so that has to be told. */
export const usePlanning = (): boolean => useSyncExternalStore(planner.subscribe, planner.isPlanning);
