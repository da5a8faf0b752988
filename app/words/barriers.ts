import type { PlacementFault, TrayChangeFault } from "../core/household";
import type { PlaceKind, Routine } from "../core/model";
import type { Barrier, Breach, RuledOutBy } from "../core/planner";
import { dayText } from "./dates";
import { ROUTINE_NAMES } from "./moments";
import { namesText } from "./names";
import { countText, percentText } from "./numbers";
import { PLACE_NAMES } from "./places";
import { whyText } from "./suggestions";

const kindsText = (kinds: readonly PlaceKind[]) => kinds.map((kind) => PLACE_NAMES[kind]).join(", ");

/** "while dressing, at bath time" */
export const routineNames = (routines: readonly Routine[]) =>
  routines.map((routine) => withinSentence(ROUTINE_NAMES[routine])).join(", ");

const routinesText = ({ routines }: { routines?: readonly Routine[] }) =>
  routines ? `, and a moment for it: ${routineNames(routines)}` : "";

function unsafeText({ at }: Extract<Barrier, { code: "unsafe" }>): string {
  if (!at) return "Not safe at any place.";
  if ("thing" in at) return `Not safe at ${at.place}: ${at.thing}.`;
  return `Not safe at ${at.place}: ${at.reason || "somebody who must not can reach it."}`;
}

/** Why a rung can't be set out, or not there, in a sentence. */
export function barrierText(barrier: Barrier | PlacementFault | TrayChangeFault): string {
  switch (barrier.code) {
    case "refused":
      return barrier.until ? `You put it off until ${dayText(barrier.until)}.` : "You said never.";
    case "resting":
    case "retired":
      return whyText(barrier.why);
    case "put-away":
      return barrier.until ? `Put away until ${dayText(barrier.until)}, as you decided.` : "You retired it.";
    case "just-away":
      return `Put away ${countText(barrier.daysAway, "day")} ago: it rests ${countText(barrier.restDays, "day")}.`;
    case "outgrown":
      return "Outgrown: a harder rung is settled too.";
    case "out-of-season":
      return `It is done outdoors, in ${namesText(barrier.seasons)}.`;
    case "too-early": {
      const alone = `about ${percentText(barrier.chance)} alone.`;
      return barrier.asHardAs
        ? `Too early as tightly as it fits here: as hard as “${barrier.asHardAs}”, ${alone}`
        : `Too early: ${alone}`;
    }
    case "no-place":
      return `It needs a place of this kind: ${kindsText(barrier.kinds)}${routinesText(barrier)}.`;
    case "too-long":
      return `It takes about ${countText(barrier.minutes, "minute")}, longer than its moment (${barrier.most}).`;
    case "adult-away":
      return `It needs you beside, and you have no time then: ${barrier.place}.`;
    case "missing":
      return `Missing: ${barrier.materials.join(", ")}.`;
    case "wrong-pair":
      return `As measured here they do not fit: ${barrier.a} and ${barrier.b}.`;
    case "unsafe":
      return unsafeText(barrier);
    case "no-room":
      return `Its things, as large as they are here, don’t stand side by side at ${barrier.place}: smaller ones, or another place.`;
    case "unreached":
      return `${namesText(barrier.children)} can’t reach ${barrier.place}, and only an adult-held tray is brought there.`;
    case "barred":
      return "A skill that safety hangs on is not settled yet.";
    case "away-then":
      return `${barrier.child} is not there then, or asleep.`;
    case "has-it":
      return `${barrier.child} has it on another tray.`;
    case "not-planned":
      return "No plan is made for this child.";
    case "gone":
      return "That is no longer there.";
    case "other-kind":
      return `${barrier.activity} needs a place of another kind (${kindsText(barrier.kinds)}) than ${barrier.place}.`;
    case "other-routine":
      return `${barrier.activity} is part of other moments than ${barrier.place} has: ${routineNames(barrier.routines)}.`;
    case "another-childs":
      return `${barrier.place} is another child’s.`;
  }
}

/** A hard rule that a choice would break, without a full stop. */
export function breachText(breach: Breach): string {
  switch (breach.code) {
    case "place":
      return "No place is free";
    case "exclusive":
      return "Two places that exclude each other";
    case "activity":
      return "The same activity once for a child";
    case "second":
      return "A second of the same only beside the first";
    case "newAtOnce":
      return `At most ${breach.bound} new at once`;
    case "drying":
      return "Work that dries needs the place";
    case "moment":
      return "The moment is filled on all its days";
    case "variety":
      return `At most ${breach.bound} different things at one moment: you wanted them to come again`;
    case "adultMoment":
      return "You are needed elsewhere in that hour";
    case "prepMinutes":
      return `At most ${countText(breach.bound, "minute")} of preparation`;
    case "trays":
      return `At most ${breach.bound} trays out at once`;
    case "adultHeld":
      return `At most ${breach.bound} adult-held trays`;
    case "adultBeside":
      return `At most ${breach.bound} trays with the adult beside`;
    case "cents":
      return "The money for purchases is spent";
    case "wet":
    case "messy":
    case "loud":
      return `At most ${breach.bound} ${breach.code}`;
    case "in-use":
      return `In use on another tray: ${breach.material}`;
  }
}

/** Within a sentence: the first letter small. */
export const withinSentence = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;

/** Why a rung can't be chosen for a rotation, in a sentence. */
export function ruledOutText(by: RuledOutBy): string {
  switch (by.code) {
    case "breach":
      return `${breachText(by.breach)}.`;
    case "nothing-free":
      return "It could come, but nothing is free for it.";
    case "other-rotation":
      return "It has its time in another rotation of this plan.";
    default:
      return barrierText(by);
  }
}
