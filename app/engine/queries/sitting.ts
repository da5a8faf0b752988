import { z } from "zod";
import { loadGuideAt } from "../../catalogue";
import { wayOf } from "../../words/ways";
import { query } from "./query";
import { sittingView } from "./sittingView";

/** A sitting or a made day that was taken, step by step; undefined where there is none of this id. */
export const sitting = query(z.object({ id: z.string() }), async (home, { id }) => {
  const view = sittingView(home, id);
  if (!view) return undefined;
  const guides = await Promise.all(view.steps.map((one) => loadGuideAt(one.activity, one.rung.id)));
  const { units, approach } = home.household;
  return {
    ...{ view, guides, units, way: wayOf(approach), today: home.today, preview: home.ahead > 0 },
    material: home.situation.materials.get(view.sitting.material ?? ""),
  };
});
