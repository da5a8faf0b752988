import type { Approach } from "../../core/model";
import type { DoesSoFar } from "../../core/safety";
import type { UsualPlace } from "../../engine/commands/places";
import type { Plans } from "../../engine/commands/setUp";

/** The unsent form is kept under this name; another shape of the fields has another name. */
export const SET_UP_DRAFT = "set-up-family";

export type Said = "reaches" | "kept";
/** The adult's word on a board and a child, by their order. */
export interface Correction {
  board: number;
  child: number;
  says: Said;
}

/** The ability of a child so far, by its order. */
export interface Does {
  child: number;
  does: DoesSoFar;
}

/** A child as it is typed in; whoever was born early has the weeks. */
export interface TypedChild {
  name: string;
  birth: string;
  earlyWeeks: number;
  mouths: "by-age" | "yes" | "no";
  allergies: string[];
  plans: Plans;
}

/** The fields of the first form, by the names that the command knows them by. */
export interface SetUpValues {
  children: TypedChild[];
  baysPerBoard: number;
  heightsCm: number[];
  reach: Correction[];
  does: Does[];
  /** Null where nothing was said: what a home with these children has as a rule. */
  places: UsualPlace[] | null;
  approach: Approach;
  usual: boolean;
  hours: boolean;
}

/** Boards 35 cm apart, the lowest a hand's breadth above the floor: to be changed to what they are. */
export const usualHeights = (boards: number) =>
  Array.from({ length: boards }, (_, i) => 10 + 35 * (boards - 1 - i));

export const NEW_CHILD: TypedChild = {
  name: "",
  birth: "",
  earlyWeeks: 0,
  mouths: "by-age",
  allergies: [],
  plans: "by-age",
};

/** The form as it is opened: a low shelf of two boards. */
export const USUAL: SetUpValues = {
  children: [NEW_CHILD],
  baysPerBoard: 3,
  heightsCm: usualHeights(2),
  reach: [],
  does: [],
  places: null,
  approach: "quiet-shelf",
  usual: true,
  hours: false,
};

/** The three steps, and which fields each asks for. */
export const STEPS = [
  { title: "The children", fields: ["children"] },
  { title: "The shelf", fields: ["baysPerBoard", "heightsCm", "reach", "does", "places"] },
  { title: "How you work", fields: ["approach", "usual", "hours"] },
] as const;
