import type {
  AddingSign,
  AfterMastery,
  AfterTrouble,
  Coldness,
  StepTo,
  Trouble,
  Why,
} from "../core/rotation";
import { countText } from "./numbers";

/** "each of the last 3 times", "3 of the last 4 times". */
const countedText = (times: number, of: number): string =>
  times === of ? `each of the last ${of} times` : `${times} of the last ${of} times`;

/** How a tray has gone cold, without a full stop. */
export function coldText(cold: Coldness): string {
  switch (cold.kind) {
    case "fading":
      return "It was liked before, and found little interest the last two times";
    case "little":
      return `Little interest ${countedText(cold.times, cold.of)}`;
    case "silent":
      return cold.noted
        ? `Nothing noted for ${countText(cold.days, "day")}: it has gone cold`
        : `Out for ${countText(cold.days, "day")} without a note: it has gone cold`;
  }
}

/** The rung by its title, and what has to be got for it. */
const stepText = ({ title, lacks }: StepTo): string =>
  lacks.length === 0 ? `${title}.` : `${title}. Not there for it yet: ${lacks.join(", ")}.`;

function troubleText(trouble: Trouble): string {
  switch (trouble.kind) {
    case "tears":
      return "It ended in tears twice running.";
    case "shunned":
      return `It kept away from the hard part ${countText(trouble.times, "time")}.`;
    case "stuck":
      return `It took a hand, or did not go yet, ${countedText(trouble.times, trouble.of)}.`;
  }
}

function afterTroubleText(next: AfterTrouble): string {
  switch (next.to) {
    case "easier":
      return `A step down: ${stepText(next)}`;
    case "other-form":
      return "It is the easiest rung, but it is liked: the same skill in another form.";
    case "rest":
      return "It is the easiest rung, so it rests four weeks.";
    case "loved-setting":
      return `Put the same thing into what is loved: ${next.loved}.`;
  }
}

/** What follows "Alone 3 of the last 4 times". */
function afterMasteryText(next: AfterMastery): string {
  switch (next.to) {
    case "repeat":
      return ", and asked for again: repetition is what it is good for.";
    case "new-tool":
      return ", and still loved. Give it a new tool, or let the child fetch and clear up as well.";
    case "hand-on":
      return `, and there is no harder rung. It would suit ${next.sibling} now.`;
    case "other-form":
      return ", and still loved. The same skill in another form.";
    case "retire":
      return ", and there is no harder rung.";
    case "rest":
      return `, and ${coldText(next.cold).toLowerCase()}. It rests four weeks.`;
    case "wait":
      return `. The next rung (${next.title}) still looks far off, so it stays.`;
    case "harder":
      return `. One step up: ${stepText(next)}`;
  }
}

const SIGN_TEXTS: Record<AddingSign, (times: number) => string> = {
  "one-thing": (times) => `One thing about it was what it wanted, ${countText(times, "time")}. More of that.`,
  "moved-about": (times) =>
    `It was carried about ${countText(times, "time")}. Put start and goal apart, and let the way belong to it.`,
  pretended: (times) =>
    `It made a game of it ${countText(times, "time")}. Keep the frame and give it a filling and a story that suit.`,
  "new-use": (times) => `It found another use ${countText(times, "time")}. Add a tool that goes with it.`,
};

const COLD_TEXTS: Record<Extract<Why, { code: "cold" }>["next"], string> = {
  "change-filling": ". Keep the frame, change what is in it.",
  "new-tool": ", also with another filling. Try another tool.",
  "other-form": ". The skill is growing: try it in another form.",
  rest: ". It rests four weeks.",
};

/** Why a move is suggested, in a sentence that a parent can argue with. */
export function whyText(why: Why): string {
  switch (why.code) {
    case "nothing-yet":
      return "Nothing noted yet. Leave it and watch.";
    case "still-of-interest":
      return "Still of interest, and not yet done with ease: it stays.";
    case "unfinished":
      return "It broke off in the middle and wanted to go on: leave it as it stands.";
    case "decided":
      return "So you decided.";
    case "unsafe": {
      const when =
        why.when === "now" ? "It is not safe now" : "It is not safe any more before the next rotation ends";
      const then = why.returns ? "It comes back when it is safe again." : "It does not come back.";
      return `${when}. ${why.reason} ${then}`;
    }
    case "trouble":
      return `${troubleText(why.trouble)} ${afterTroubleText(why.next)}`;
    case "knew-at-once":
      return why.steps === 2
        ? `It knew this at once, and the next is likely easy, too. Two steps up: ${stepText(why)}`
        : `It knew this at once. One step up: ${stepText(why)}`;
    case "mastered":
      return `Alone ${countedText(why.times, why.of)}${afterMasteryText(why.next)}`;
    case "sign":
      return SIGN_TEXTS[why.sign](why.times);
    case "cold":
      return `${coldText(why.cold)}${COLD_TEXTS[why.next]}`;
  }
}
