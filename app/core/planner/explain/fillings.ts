import { focusesOn, type Situation, servesFocus } from "../../household";
import type { Filling, Focus } from "../../model";
import { type Assignment, childrenOf } from "../candidates/problem";

/** What trays are filled with, by the tray's child and activity. */
export type Fillings = ReadonlyMap<string, Filling>;

export const fillingKey = ({
  candidate: { child, activity, second },
}: {
  candidate: Pick<Assignment["candidate"], "child" | "activity" | "second">;
}): string => `${child} ${activity.id}${second ? " beside" : ""}`;

/** The key of the tray beside which it stands, if it is one of two. */
const besideKey = ({ candidate: { child, activity, second } }: Assignment): string =>
  fillingKey({ candidate: { child, activity, ...(second ? {} : { second: true }) } });

const isSame = (a: Filling | undefined, b: Filling): boolean => a?.layer === b.layer && a.on === b.on;

const layerOf = ({ kind }: Focus): "letter" | "number" | undefined =>
  kind === "letter" || kind === "number" ? kind : undefined;

/** Does a filling serve a focus on a letter or a number? */
export const isFilledFor = (filling: Filling | undefined, { kind, on }: Focus): boolean =>
  filling?.layer === kind && filling.on === on;

/**
 * The fillings of a rotation's trays. What was filled stays so while it is out; what is set out anew takes that letter or number
 * of the household's which fewest trays have so far, those that could take only one first: so that each has its trays. Of two
 * side by side each has another.
 */
export function fillingsOf(s: Situation, chosen: readonly Assignment[], before: Fillings): Fillings {
  const fillings = new Map<string, Filling>();
  const focuses = focusesOn(s.household, s.on).flatMap((focus) => {
    const layer = layerOf(focus);
    return layer ? [{ focus, filling: { layer, on: focus.on }, count: 0 }] : [];
  });
  const open: { one: Assignment; could: typeof focuses }[] = [];
  for (const one of chosen) {
    const { candidate: c } = one;
    const key = fillingKey(one);
    const { tray, second } = s.history(c.child, c.activity);
    const filled = before.get(key) ?? (c.second ? second : tray)?.filling;
    if (filled) {
      fillings.set(key, filled);
      for (const other of focuses) if (isFilledFor(filled, other.focus)) other.count++;
      continue;
    }
    const could = focuses.filter(({ focus }) => servesFocus(s, focus, c.activity, c.rung, childrenOf(c)));
    if (could.length > 0) open.push({ one, could });
  }
  for (const { one, could } of open.sort((a, b) => a.could.length - b.could.length)) {
    const beside = fillings.get(besideKey(one));
    const [rarest] = could
      .filter(({ filling }) => !isSame(beside, filling))
      .toSorted((a, b) => a.count - b.count);
    if (!rarest) continue;
    rarest.count++;
    fillings.set(fillingKey(one), rarest.filling);
  }
  return fillings;
}
