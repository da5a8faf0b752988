import { type Situation, situationOf } from "../core/household";
import type { Catalogue, Tables } from "../core/model";

import type { Home } from "./household";

const known = new WeakMap<Tables, { key: string; builtIn: Catalogue; situation: Situation }>();

/** The situation on the day shown, worked out once for as long as nothing has changed. */
export function situationFor(builtIn: Catalogue, home: Home): Situation {
  const key = `${home.on} ${home.site.id}`;
  const before = known.get(home.tables);
  if (before?.key === key && before.builtIn === builtIn) return before.situation;
  const situation = situationOf(builtIn, home.tables, home.on, home.site.id);
  known.set(home.tables, { key, builtIn, situation });
  return situation;
}
