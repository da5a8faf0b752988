import type { Approach, PlaceKind } from "../../core/model";
import type { Correction, Does } from "./ReachPart";

/** What was typed and not sent yet is kept under this name. */
export const SET_UP_DRAFT = "set-up";

export interface Other {
  name: string;
  birth: string;
}

/** The fields of the first form, by the names that the command knows them by. */
export interface SetUpValues {
  name: string;
  birth: string;
  earlyWeeks: number;
  mouths: "by-age" | "yes" | "no";
  allergies: string[];
  others: Other[];
  baysPerBoard: number;
  heightsCm: number[];
  reach: Correction[];
  does: Does[];
  places: PlaceKind[];
  approach: Approach;
  usual: boolean;
  hours: boolean;
}

/** Boards 35 cm apart, the lowest a hand's breadth above the floor: to be changed to what they are. */
export const usualHeights = (boards: number) =>
  Array.from({ length: boards }, (_, i) => 10 + 35 * (boards - 1 - i));

/** Where nothing was said yet: a low shelf of two boards. */
export const USUAL: SetUpValues = {
  name: "",
  birth: "",
  earlyWeeks: 0,
  mouths: "by-age",
  allergies: [],
  others: [],
  baysPerBoard: 3,
  heightsCm: usualHeights(2),
  reach: [],
  does: [],
  places: ["floor"],
  approach: "quiet-shelf",
  usual: true,
  hours: false,
};

/** The three steps, and which fields each asks for. */
export const STEPS = [
  { title: "The child", fields: ["name", "birth", "earlyWeeks", "mouths", "allergies", "others"] },
  { title: "The shelf", fields: ["baysPerBoard", "heightsCm", "reach", "does", "places"] },
  { title: "How you work", fields: ["approach", "usual", "hours"] },
] as const;
