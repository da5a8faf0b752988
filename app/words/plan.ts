import type { Conflict, EmptyReason, Reason, ShoppingLine, TightPair } from "../core/planner";
import { AREA_NAMES } from "./areas";
import { breachText, withinSentence } from "./barriers";
import { countText, percentText } from "./numbers";
import { whyText } from "./suggestions";

const tightText = (tight: TightPair | undefined): string =>
  tight
    ? ` It fits tightly here (${Math.round(tight.playMm * 10) / 10} mm of play), so it counts as: ${tight.asHardAs}.`
    : "";

const WANTED_TEXTS: Record<Extract<Reason, { term: "mix" }>["wanted"], string> = {
  anchor: "An easy one to begin with.",
  stretch: "One that may fail, on purpose.",
  "open-ended": "No one right use, as you wanted.",
};

const FOCUS_TEXTS: Record<Extract<Reason, { term: "focus" }>["on"], string> = {
  skill: "Grows the skill in your focus.",
  material: "Made from what is in your focus.",
  letter: "Can be filled with the letter in your focus.",
  number: "Can be filled with the number in your focus.",
};

function followText({ move, activity }: Extract<Reason, { term: "follows" }>): string {
  switch (move) {
    case "other-form":
      return `The same skill as ${activity}, in another form.`;
    case "loved-setting":
      return `The skill of ${activity} in a setting that is loved.`;
    case "hand-on":
      return `Handed on: ${activity}.`;
    default:
      return `More of what was liked in ${activity}.`;
  }
}

/** What a part of a tray's value is for, in a sentence. */
export function reasonText(reason: Reason): string {
  switch (reason.term) {
    case "anchor":
      return reason.isNoted
        ? `Settled: done with ease, as your notes say.${tightText(reason.tight)}`
        : `Easy at this age for most children; nothing was noted yet.${tightText(reason.tight)}`;
    case "reach":
      return `Fits: about ${percentText(reason.chance)} alone.${tightText(reason.tight)}`;
    case "stretch":
      return `A stretch: about ${percentText(reason.chance)} alone, it may fail.${tightText(reason.tight)}`;
    case "interest":
      return `Can be dressed in what ${reason.child} loves: ${reason.loved}.`;
    case "noted-interest":
      return reason.liked ? "It was liked, as your notes say." : "It found little interest so far.";
    case "step":
      return whyText(reason.why);
    case "carry-over":
      return reason.why ? whyText(reason.why) : "Stays out from the week before.";
    case "novelty":
      return reason.daysAway === undefined
        ? "Never out before."
        : `Rested ${countText(reason.daysAway, "day")}.`;
    case "wish":
      return "You asked for it soon.";
    case "second":
      return "The same again beside it, with another filling: less is new in it.";
    case "focus":
      return FOCUS_TEXTS[reason.on];
    case "in-focus":
      return reason.weight === "whole"
        ? "In your focus, which is to have the whole shelf."
        : "In your focus, which is to have half of the shelf.";
    case "theme":
      return `Fits the theme: ${reason.theme}.`;
    case "season":
      return reason.inSeason ? "It is the season for it." : "Another season suits it better.";
    case "prep":
      return `${countText(reason.minutes, "minute")} to prepare.`;
    case "again":
      return `Comes ${countText(reason.times, "time")}: what is met again is learnt.`;
    case "adult-held":
      return reason.material ? `Adult-held: ${reason.material}.` : "Adult-held: it takes your time.";
    case "stand-in":
      return `With a stand-in: ${reason.material}.`;
    case "follows":
      return followText(reason);
    case "area":
      return `${reason.inFocus ? "In your focus" : "Spread over the areas"}: ${AREA_NAMES[reason.area].toLowerCase()}.`;
    case "form":
      return `The same movement twice: ${reason.form}.`;
    case "mix":
      return WANTED_TEXTS[reason.wanted];
  }
}

/** Why a place stays empty, and what would fill it. */
export function emptyText(because: EmptyReason): string {
  switch (because.code) {
    case "nothing-fits":
      return "Nothing that fits now can be set out here.";
    case "missing":
      return `${because.activity} would fit. Missing: ${because.materials.join(", ")}.`;
    case "breach":
      return `${because.activity} would fit, but: ${withinSentence(breachText(because.breach))}.`;
    case "repeats":
      return `Left free on purpose: ${because.activity} would only repeat what is there.`;
    case "enough":
      return "Left free on purpose: more of the same would not help.";
  }
}

/** A lock that could not be kept, and what stands in its way. */
export function conflictText({ activity, child, because }: Conflict): string {
  const what = `${activity} for ${child}`;
  switch (because.code) {
    case "nothing-to-set-out":
      return `Locked, but nothing safe and complete can be set out: ${what}.`;
    case "no-room":
      return `Locked, but the limits leave no room for it: ${what}.`;
    case "breach":
      return `Locked, but ${withinSentence(breachText(because.breach))}: ${what}.`;
  }
}

/** For which activities a thing is to be bought. */
export const boughtForText = (line: Pick<ShoppingLine, "for">): string => `for ${line.for.join(", ")}`;
