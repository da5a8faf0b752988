import type { Route } from "./+types/plan";

/** What the Plan screen's loader gives to its parts. */
export type PlanData = Route.ComponentProps["loaderData"];
