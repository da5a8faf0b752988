import type { Situation } from "../../household";
import type { Material } from "../../model";
import { buildProblem } from "../candidates/buildProblem";

/** A small purchase, and the activities that it alone would open up now. */
export interface Purchase {
  material: Material;
  pack: NonNullable<Material["pack"]>;
  opens: string[];
}

/** Materials that are the only thing missing for rungs that fit now, those that open up most activities first. */
export function worthBuying(s: Situation, problem = buildProblem(s)): Purchase[] {
  const opened = new Map<string, Set<string>>();
  for (const { missing } of problem.exclusions) {
    const [only, second] = missing?.materials ?? [];
    if (!missing || !only || second) continue;
    opened.set(only, (opened.get(only) ?? new Set<string>()).add(missing.activityName));
  }
  return [...opened]
    .flatMap(([id, names]): Purchase[] => {
      const material = s.materials.get(id);
      return material?.pack ? [{ material, pack: material.pack, opens: [...names] }] : [];
    })
    .sort((a, b) => b.opens.length - a.opens.length || (a.material.id < b.material.id ? -1 : 1));
}
