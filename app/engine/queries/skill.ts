import { z } from "zod";
import { childMonthsOn } from "../../core/age";
import { aroundSkill, ladderOfSkill, signsOf } from "../../core/growing";
import { ChildId } from "../../core/model";
import { maybe } from "./parameters";
import { query } from "./query";

const Parameters = z.object({ skill: z.string(), child: maybe(ChildId) });

/** One skill: its window, the signs of it for each child, and the rungs that grow it. */
export const skill = query(Parameters, (home, { skill: id, child: wanted }) => {
  const { catalogue, tables, situation, on } = home;
  const known = catalogue.skills.find((one) => one.id === id);
  if (!known) return undefined;
  const { planned, readiness } = situation;
  return {
    skill: known,
    children: planned.map((child) => ({
      child,
      months: childMonthsOn(child, on),
      word: readiness.get(child.id)?.skill(known.id)?.word ?? "coming",
      signs: signsOf(catalogue, child, tables, on).get(known.id) ?? [],
    })),
    chosen: planned.find((one) => one.id === wanted) ?? planned[0],
    ...aroundSkill(catalogue, known),
    ladder: ladderOfSkill(catalogue, known.id).map((one) => ({
      ...one,
      words: planned.map((child) => ({
        child,
        word: readiness.get(child.id)?.rung(one.activity, one.rung).word ?? "coming",
      })),
    })),
    preview: home.ahead > 0,
  };
});
