import { z } from "zod";
import { ChildId } from "../../core/model";
import { allFacts } from "./activityFacts";
import { chosenChild } from "./chosenChild";
import { maybe, maybeText } from "./parameters";
import { query } from "./query";

const Parameters = z.object({
  child: maybe(ChildId),
  /** A thing that they are to use. */
  with: maybeText,
});

/** All activities at the rung to go for now; undefined where nobody is planned for. */
export const activities = query(Parameters, ({ situation, tables }, parameters) => {
  const child = chosenChild(situation, parameters.child);
  if (!child) return undefined;
  const material = situation.materials.get(parameters.with ?? "");
  return {
    facts: allFacts(situation, child, material?.id),
    catalogue: situation.catalogue,
    children: situation.planned,
    child,
    material,
    ownCount: tables.ownActivities.length,
    ownSkills: tables.ownSkills,
    ownThemes: tables.ownThemes,
  };
});
