import type { Guide } from "../core/model";
import type { SafetyState } from "../core/safety";

/** A sentence that leaves things out by themselves, or sends the adult away. */
const LEAVES = /^(Leave|Walk away|Go away|Step away)\b/;
const STAYS = "Set it out between you, and stay beside it.";

/**
 * How to show a tray, as it is judged for this child: an adult-held tray is never left out, so that the sentences that leave it
 * standing are replaced by one that stays.
 */
export function guideBeside(guide: Guide, state: SafetyState | undefined): Guide {
  if (state === undefined || state === "free" || !guide.explore.some((text) => LEAVES.test(text)))
    return guide;
  const others = guide.explore.filter((text) => !LEAVES.test(text));
  return { ...guide, explore: [STAYS, ...others] };
}
