import { dueDateOf } from "../../core/age";
import {
  type Child,
  ChildId,
  FIRST_SITE,
  type Place,
  PlaceId,
  PlainDate,
  type SkillNote,
} from "../../core/model";
import { type People, ticksFor } from "../../core/safety";
import type { Correction, Does, Said, TypedChild } from "./values";

/** Rows of a household that is not stored yet have no time. */
const STAMP = { createdAt: "2000-01-01T00:00:00.000Z", updatedAt: "2000-01-01T00:00:00.000Z" };

const idOf = (index: number): ChildId => ChildId.parse(`child-${index}`);

/** A child who was typed in with a date of birth on which it was born already; `index` is its place in the form. */
export interface BornChild {
  child: Child;
  index: number;
}

/** The children as far as they are typed in: those with a date of birth that is not in the future. */
export const bornChildren = (typed: readonly TypedChild[], today: PlainDate): BornChild[] =>
  typed.flatMap(({ name, birth, earlyWeeks, mouths, allergies }, index) => {
    const date = PlainDate.safeParse(birth);
    if (!date.success || date.data > today) return [];
    const due = earlyWeeks > 0 ? { due: dueDateOf(date.data, earlyWeeks) } : {};
    return [
      {
        index,
        child: {
          ...STAMP,
          ...due,
          id: idOf(index),
          name: name.trim() || `Child ${index + 1}`,
          birth: date.data,
          mouths,
          allergies,
          planFor: true,
          interests: [],
        },
      },
    ];
  });

/** The typed children with what the adult said that they do so far, as the rules of reach look at them. */
export function typedPeople(born: readonly BornChild[], does: readonly Does[], today: PlainDate): People {
  const ticks = does.flatMap(({ child, does: soFar }) =>
    ticksFor(soFar).map(
      ({ skill, seen }): SkillNote => ({
        ...STAMP,
        id: `${idOf(child)}-${skill}`,
        child: idOf(child),
        skill,
        seen,
        on: today,
      }),
    ),
  );
  return { children: born.map(({ child }) => child), ticks };
}

/** A board of the shelf as a place, with what the adult said of it. */
export function boardPlace(heightCm: number, board: number, corrections: readonly Correction[]): Place {
  const said = (says: Said) =>
    corrections.filter((one) => one.board === board && one.says === says).map((one) => idOf(one.child));
  const kept = said("kept");
  return {
    ...STAMP,
    id: PlaceId.parse(`board-${board}`),
    site: FIRST_SITE,
    name: `Board ${board + 1}`,
    kind: "bay",
    board,
    order: 0,
    heightCm,
    outOfReachOf: kept,
    because: kept.length > 0 ? "lock" : "high",
    reachedBy: said("reaches"),
    servesOnly: [],
    exclusiveWith: [],
  };
}

/** Keeps the statements on children by their order, once one of the children is gone from the list. */
export const withoutChild = <T extends { child: number }>(said: readonly T[], gone: number): T[] =>
  said
    .filter(({ child }) => child !== gone)
    .map((one) => (one.child > gone ? { ...one, child: one.child - 1 } : one));
