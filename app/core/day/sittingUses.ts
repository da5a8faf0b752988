import { offerContext, type Situation } from "../household";
import { type Sitting, sittingFor } from "../ladder";
import type { Child, MaterialId } from "../model";

import { broughtTo, isSafeSomewhere } from "../safety";

/**
 * A sitting from one thing for these children: only what may be set out in this home. The adult is there and brings it, so
 * it does not matter whose place it is.
 */
export function sittingUses(s: Situation, material: MaterialId, children: readonly Child[]): Sitting {
  const readiness = new Map(
    children.flatMap((child) => {
      const ready = s.readiness.get(child.id);
      return ready ? [[child.id, ready] as const] : [];
    }),
  );
  const places = s.places.map(broughtTo);
  return sittingFor(s.catalogue, material, readiness, (activity, rung) =>
    isSafeSomewhere(activity, rung, places, offerContext(s, children)),
  );
}
