/**
 * How a tray has gone cold:
 * fading: it was liked, and the last two uses were not;
 * little: of at least three uses three quarters found little interest or none;
 * silent: nothing was noted for two weeks, since the last note or since it came out.
 */
export type Coldness =
  | { kind: "fading" }
  | { kind: "little"; times: number; of: number }
  | { kind: "silent"; days: number; noted: boolean };

/** What in the notes asks for something easier. */
export type Trouble =
  | { kind: "tears" }
  | { kind: "shunned"; times: number }
  | { kind: "stuck"; times: number; of: number };

/** The rung to step to, by its title, and the things that have to be got for it first. */
export interface StepTo {
  title: string;
  lacks: readonly string[];
}

/** What follows trouble: a rung by its title, or what is loved by its name. */
export type AfterTrouble =
  | ({ to: "easier" } & StepTo)
  | { to: "other-form" | "rest" }
  | { to: "loved-setting"; loved: string };

/** What follows being done alone. */
export type AfterMastery =
  | { to: "repeat" | "new-tool" | "other-form" | "retire" }
  | { to: "hand-on"; sibling: string }
  | { to: "rest"; cold: Coldness }
  /** The next rung is still far off. */
  | { to: "wait"; title: string }
  | ({ to: "harder" } & StepTo);

/** The signs that tell what to add. */
export type AddingSign = "one-thing" | "moved-about" | "pretended" | "new-use";

/** Why a move is suggested: a code with its values. `app/words/suggestions` makes the sentence. */
export type Why =
  | { code: "nothing-yet" | "still-of-interest" | "unfinished" | "decided" }
  /** By a rule's own reason; `returns` where it will be safe again. */
  | { code: "unsafe"; when: "now" | "soon"; reason: string; returns: boolean }
  | { code: "trouble"; trouble: Trouble; next: AfterTrouble }
  | ({ code: "knew-at-once"; steps: 1 | 2 } & StepTo)
  | { code: "mastered"; times: number; of: number; next: AfterMastery }
  | { code: "sign"; sign: AddingSign; times: number }
  | { code: "cold"; cold: Coldness; next: "change-filling" | "new-tool" | "other-form" | "rest" };
