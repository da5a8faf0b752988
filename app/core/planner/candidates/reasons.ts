import type { PlacementFault } from "../../household";
import type {
  AreaId,
  Focus,
  FocusWeight,
  Limits,
  Move,
  PlaceKind,
  PlainDate,
  Routine,
  Season,
} from "../../model";
import type { Why } from "../../rotation";

/** A pair that fits tighter than it is thought for: its play, and the rung that it is as hard as. */
export interface TightPair {
  playMm: number;
  asHardAs: string;
}

/** What a part of a tray's value is for: its code, with the values that its sentence names. */
export type Reason =
  /** Easy: by what was noted of the child, or by the age alone. */
  | { term: "anchor"; chance: number; isNoted: boolean; tight?: TightPair }
  | { term: "reach" | "stretch"; chance: number; tight?: TightPair }
  | { term: "interest"; child: string; loved: string }
  | { term: "noted-interest"; liked: boolean }
  | { term: "step"; why: Why }
  /** Without a reason of the notes: it stays from the rotation before. */
  | { term: "carry-over"; why?: Why }
  /** Without days: never out before. */
  | { term: "novelty"; daysAway?: number }
  | { term: "wish" }
  /** It stands beside another of the same. */
  | { term: "second" }
  | { term: "focus"; on: Exclude<Focus["kind"], "area" | "theme"> }
  /** One of those that a focus is to have half of the shelf for, or all of it. */
  | { term: "in-focus"; weight: Exclude<FocusWeight, "little"> }
  | { term: "theme"; theme: string }
  | { term: "season"; inSeason: boolean }
  /** Minutes for all the times that it comes. */
  | { term: "prep"; minutes: number }
  /** It comes so often in the rotation. */
  | { term: "again"; times: number }
  /** Without a material: the whole tray. */
  | { term: "adult-held"; material?: string }
  | { term: "stand-in"; material: string }
  | { term: "follows"; move: Move; activity: string }
  | { term: "area"; area: AreaId; inFocus: boolean }
  | { term: "form"; form: string }
  | { term: "mix"; wanted: "anchor" | "stretch" | "open-ended" };

/** A part of a tray's value, in points, with its reason. */
export type Term = Reason & { value: number };

/** Why a rung can't be set out for a child at all. */
export type Barrier =
  /** Without a date: never. */
  | { code: "refused"; until?: PlainDate }
  | { code: "resting" | "retired"; why: Why }
  | { code: "put-away"; until?: PlainDate }
  | { code: "just-away"; daysAway: number; restDays: number }
  | { code: "outgrown" }
  /** It is done outdoors only, and not at this time of the year. */
  | { code: "out-of-season"; seasons: readonly Season[] }
  /** `asHardAs`: only because it fits so tightly here. */
  | { code: "too-early"; chance: number; asHardAs?: string }
  | {
      code: "no-place";
      kinds: readonly PlaceKind[];
      routines?: readonly Routine[];
      /** True where everything else is there: only a place is missing. */
      hasThings?: boolean;
    }
  /** It takes longer than any moment at such a place; both in minutes. */
  | { code: "too-long"; minutes: number; most: number }
  /** It needs the adult beside, who has no time then. */
  | { code: "adult-away"; place: string }
  /** Materials by name. */
  | { code: "missing"; materials: readonly string[] }
  | { code: "wrong-pair"; a: string; b: string }
  /** At a place, because of a thing or by a rule's own reason. */
  | { code: "unsafe"; at?: { place: string; thing: string } | { place: string; reason: string } }
  | Extract<PlacementFault, { code: "unreached" | "no-room" }>
  | { code: "barred" }
  | { code: "not-planned" };

/** A hard rule of the plan that a choice would break. */
export type Breach =
  | {
      code:
        | keyof Limits
        | "place"
        | "exclusive"
        | "activity"
        | "second"
        | "newAtOnce"
        | "drying"
        | "moment"
        | "variety"
        | "adultMoment";
      bound: number;
    }
  | { code: "in-use"; material: string };
