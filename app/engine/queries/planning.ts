import { z } from "zod";
import { MOST_WEEKS } from "../../core/planner";
import { planner } from "../../solver/plannerClient";
import { maybe, maybeText, NoParameters } from "./parameters";
import { planRequestFor } from "./planRequest";
import { query } from "./query";
import { keyFrom } from "./trayKey";

export const PlanParameters = z.object({
  /** The number of rotations that are wanted. */
  weeks: maybe(z.coerce.number().int().min(1).max(MOST_WEEKS)),
});

/** So many skills are asked about for each child. */
const LOOKS = 2;

/** The rotations that the planner proposes. It takes its time, and ends as soon as nobody waits for it. */
export const planProposal = query(PlanParameters, (home, { weeks }, signal) =>
  planner.ask(home.tables, "plan", planRequestFor(home, weeks), signal),
);

/** The skills of which a look would tell this plan most. */
export const planLooks = query(PlanParameters, (home, { weeks }) =>
  planner.ask(home.tables, "looks", { ...planRequestFor(home, weeks), count: LOOKS }),
);

const SwapParameters = PlanParameters.extend({
  /** The tray that goes. */
  tray: maybeText,
  /** `kept` where the rest of the plan stays as it is. */
  else: maybeText,
});

/** The trays that could stand in the place of one, with what each displaces; undefined where there is no such tray. */
export const planSwaps = query(SwapParameters, (home, { weeks, tray, else: wanted }, signal) => {
  const out = keyFrom(tray ?? null);
  if (!out) return undefined;
  const asked = { ...planRequestFor(home, weeks), out, keepRest: wanted === "kept" };
  return planner.ask(home.tables, "swaps", asked, signal);
});

/** The reasons why others do not stand where a tray stands; undefined where there is no such tray. */
export const planWhyNot = query(PlanParameters.extend({ why: maybeText }), (home, { weeks, why }, signal) => {
  const slot = keyFrom(why ?? null);
  return slot && planner.ask(home.tables, "whyNot", { ...planRequestFor(home, weeks), slot }, signal);
});

/** The limits of which one, eased a little, would gain most. */
export const planGains = query(PlanParameters, (home, { weeks }, signal) =>
  planner.ask(home.tables, "whatIf", planRequestFor(home, weeks), signal),
);

/** The things to buy that would open up most now. */
export const purchases = query(NoParameters, ({ tables, today, site }, _, signal) =>
  planner.ask(tables, "purchases", { on: today, site: site.id }, signal),
);
