import type { z } from "zod";
import type { Home } from "../store/home";

/** A question of one screen or part about the household: the schema of its parameters, and what it shows as plain data. */
export interface Query<Parameters extends z.ZodType, View> {
  parameters: Parameters;
  /** Gives undefined where what the parameters name is not there. */
  ask(home: Home, parameters: z.output<Parameters>, signal?: AbortSignal): View | Promise<View>;
}

/** Makes a query, so that the parameters of its work are typed by its schema. */
export const query = <Parameters extends z.ZodType, View>(
  parameters: Parameters,
  ask: Query<Parameters, View>["ask"],
): Query<Parameters, View> => ({ parameters, ask });
