import { z } from "zod";
import { inOrderOfTheDay } from "../../core/household";
import type { Place } from "../../core/model";
import { peopleOf } from "../../core/safety";
import { keptCopies } from "../store/backup";
import { openClashes } from "../store/clashes";
import { keysAreOn, savedOn, storageUse } from "../store/device";
import type { Home } from "../store/home";
import { removedRows } from "../store/removed";
import { setAsideRows } from "../store/setAside";
import { query } from "./query";

const PARTS = ["children", "places", "day", "work", "homes", "data"] as const;

const Parameters = z.object({ part: z.enum(PARTS).catch("children") });

/** Places without a board come after those that have one. */
const boardOf = ({ board }: Place) => board ?? Number.MAX_SAFE_INTEGER;

/** Our own home first, then by board, from left to right. */
const inOrder = (a: Place, b: Place): number => {
  if (a.site !== b.site) return a.site < b.site ? 1 : -1;
  return boardOf(a) - boardOf(b) || a.order - b.order;
};

/** The names of everything that two changes of one row can be about, by id. */
const namesOf = ({ catalogue, tables, children }: Home): ReadonlyMap<string, string> =>
  new Map<string, string>(
    [catalogue.skills, catalogue.materials, catalogue.activities, tables.places, children].flatMap((rows) =>
      rows.map((one) => [one.id, one.name] as const),
    ),
  );

/** Everything that is set for a household, and what is kept of it on this device. */
export const household = query(Parameters, async (home, { part }) => {
  const { db, tables, catalogue, which } = home;
  return {
    part,
    household: home.household,
    children: home.children,
    /** The interests that activities can be dressed in. */
    loves: [...new Set(catalogue.activities.flatMap((one) => one.interests))].sort(),
    places: tables.places.toSorted(inOrder),
    moments: tables.moments.toSorted(inOrderOfTheDay),
    today: home.today,
    which,
    people: peopleOf(tables),
    site: home.site,
    removed: await removedRows(db),
    setAside: await setAsideRows(db),
    keys: await keysAreOn(),
    copies: await keptCopies(db),
    storage: await storageUse(),
    savedOn: await savedOn(which),
    clashes: await openClashes(db),
    names: namesOf(home),
  };
});
