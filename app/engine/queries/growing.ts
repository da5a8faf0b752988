import { z } from "zod";
import { AreaId, ChildId } from "../../core/model";
import { GROWING_TABS, growingView } from "./growingView";
import { maybe } from "./parameters";
import { query } from "./query";

const Parameters = z.object({
  child: maybe(ChildId),
  area: maybe(AreaId),
  view: z.enum(GROWING_TABS).catch("skills"),
  /** All ages, or those around the child's. */
  span: maybe(z.literal("all")),
});

/** The skills of a child, with what was seen of them and what comes next. */
export const growing = query(Parameters, (home, { child: wanted, area, view, span }) => {
  const { planned, materials } = home.situation;
  const child = planned.find((one) => one.id === wanted) ?? planned[0];
  return {
    view: child ? growingView(home, child, { view, area, wide: span === "all" }) : undefined,
    planned,
    materials,
    units: home.household.units,
    preview: home.ahead > 0,
  };
});
