import type { Fit, Material, NeedId, Rung } from "../model";
import type { Meeting } from "./meeting";
import { meet } from "./setUp";

/** What serves a need here: the thing with its size as it was measured, and how much of it is set out. */
export interface SetOut {
  need: NeedId;
  material: Material;
  quantity: number;
}

/** How two things that are set out meet, with both of them. */
export interface MeetingHere {
  how: Fit["how"];
  a: SetOut;
  b: SetOut;
  meeting: Meeting;
}

/** How the things of a rung meet as they are here. What hangs on a size that is not known is left out. */
export function meetingsHere(rung: Pick<Rung, "fits">, things: readonly SetOut[]): MeetingHere[] {
  return rung.fits.flatMap(({ how, a: ofId, b: intoId }): MeetingHere[] => {
    const a = things.find((one) => one.need === ofId);
    const b = things.find((one) => one.need === intoId);
    const meeting = a && b && meet(how, a, b);
    return meeting ? [{ how, a, b, meeting }] : [];
  });
}
