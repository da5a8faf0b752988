import type { Situation } from "../../core/household";
import { type Sitting, sittingFor } from "../../core/ladder";
import type { Child } from "../../core/model";

import { isSafeSomewhere } from "../../core/safety";
import { offerContext } from "./offerContext";

/**
 * A sitting from one thing for these children: only what may be set out in this home. The adult is there and brings it, so
 * it does not matter whose place it is.
 */
export function sittingUses(s: Situation, material: string, children: readonly Child[]): Sitting {
  const readiness = new Map(
    children.flatMap((child) => {
      const ready = s.readiness.get(child.id);
      return ready ? [[child.id, ready] as const] : [];
    }),
  );
  const places = s.places.map((place) => ({ ...place, servesOnly: [] }));
  return sittingFor(s.catalogue, material, readiness, (activity, rung) =>
    isSafeSomewhere(activity, rung, places, offerContext(s, children)),
  );
}
