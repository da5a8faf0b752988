import { z } from "zod";
import { loadGuideAt, loadMakings } from "../../catalogue";
import { type Situation, thingHere } from "../../core/household";
import { activityOf, ChildId, type Makings, type Material, type MaterialId, RungId } from "../../core/model";
import { wayOf } from "../../words/ways";
import { picturesOf } from "../store/photos";
import { activityView } from "./activityView";
import { chosenChild } from "./chosenChild";
import { maybe } from "./parameters";
import { query } from "./query";

const Parameters = z.object({ id: z.string(), child: maybe(ChildId), rung: maybe(RungId) });

/** The home-made things of a rung with their makings, and the things here that parts of them are cut for. */
async function makingsOf(situation: Situation, materials: readonly MaterialId[]) {
  const all = await loadMakings();
  const makings: Makings = Object.fromEntries(
    materials.flatMap((id) => {
      const making = all[id];
      return making ? [[id, making] as const] : [];
    }),
  );
  const cutFor = Object.values(makings).flatMap((making) => making.cuts.map((cut) => cut.for));
  const things = new Map<string, Material>();
  for (const id of cutFor) {
    const thing = thingHere(situation, id);
    if (thing) things.set(id, thing);
  }
  return { makings, things };
}

/** One activity opened for a child; undefined where there is none of this id, or nobody to plan for. */
export const activity = query(Parameters, async (home, { id, child: wanted, rung }) => {
  const { situation, household, tables, db, ahead } = home;
  const child = chosenChild(situation, wanted);
  const opened = activityOf(situation.catalogue, id);
  const view = child && opened && activityView(home, situation, child, opened, rung);
  if (!view) return undefined;
  return {
    view,
    guide: await loadGuideAt(opened, view.rung.id),
    way: wayOf(household.approach),
    child,
    children: situation.planned,
    materials: situation.materials,
    making: await makingsOf(
      situation,
      view.needs.map((one) => one.need.material),
    ),
    units: household.units,
    own: tables.ownActivities.some((one) => one.id === opened.id),
    preview: ahead > 0,
    pictures: await picturesOf(db, [opened.id]),
  };
});
