import type { Activity, Fit, Issue, Need, Rung } from "../model";
import { meetAsWritten } from "../setup";
import type { Known } from "./checkActivity";

/**
 * What a movement hangs on: nothing is posted without an opening, poured without volumes, threaded without a bore. A rung
 * of such a form says how its things meet, where two of them have sizes to tell it by.
 */
const MEETINGS_OF_FORM: Readonly<Record<string, readonly Fit["how"][]>> = {
  "post in a slot": ["through", "lies-in"],
  thread: ["onto"],
  "thread on a stiff stem": ["onto"],
  "thread on a lace": ["onto"],
  "rings on a thin stem": ["onto"],
  "ring on a post": ["onto"],
  "onto an upright": ["onto"],
  "lace through holes": ["through"],
  "through holes": ["through"],
  "fill wells": ["in-wells", "lies-in"],
  "fill ten": ["in-wells"],
  "peg a board": ["in-wells"],
  "stick into a hole": ["through", "in-wells", "lies-in"],
  "push through a tube": ["through"],
  "feed into a neck": ["through"],
  "drop into a tub": ["lies-in", "through"],
  pour: ["pours-into", "lies-in"],
  "pour to a mark": ["pours-into"],
  "pour in turn": ["pours-into"],
  "pour and compare": ["pours-into"],
  "pour through a funnel": ["pours-into"],
  "dip and pour": ["pours-into"],
  stack: ["stands-on"],
  "hide and find": ["covers"],
  "lid to its box": ["covers"],
  weigh: ["heavier"],
  "open locks": ["opens"],
  "test with a magnet": ["drawn-unlike"],
};

/** Rungs that need a meeting of their things, and could say it, but do not. */
export function unsaidMeeting(activity: Activity, rung: Rung, path: string, known: Known): Issue[] {
  const asked = MEETINGS_OF_FORM[activity.form];
  if (!asked || rung.fits.some((fit) => asked.includes(fit.how))) return [];
  const meets = (how: Fit["how"], a: Need, b: Need) =>
    (a.id !== b.id || how === "opens" || (how === "stands-on" && a.quantity > 1)) &&
    meetAsWritten({ how, a: a.id, b: b.id }, rung.materials, known.materials)?.ok;
  const canTell = rung.materials.some((a) =>
    rung.materials.some((b) => asked.some((how) => meets(how, a, b))),
  );
  return canTell
    ? [
        {
          code: "no-meeting",
          path: `${path}/fits`,
          message: `To ${activity.form}, things have to meet (${asked.join(" or ")}); say which of them.`,
        },
      ]
    : [];
}
