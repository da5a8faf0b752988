import { changesBetween, placeOnLadder, stepsFrom } from "../../core/ladder";
import { needStates, optionsFor } from "../../core/materials";
import type { Activity, Child, Place, Rung } from "../../core/model";
import type { Situation } from "../../core/planner";
import { type Assessment, assess, safeWays, type TrayThing } from "../../core/safety";
import type { Home } from "../../data/household";

/** The things as they would be set out here: what is in the cupboard, measured if it was, else the usual thing. */
function thingsFor(s: Situation, rung: Rung): TrayThing[] {
  return rung.materials.flatMap((need): TrayThing[] => {
    const [option] = optionsFor(need, s.materials, s.stock, 0);
    const from = s.stock.find((one) => one.key === option?.stock);
    const material = from?.material ?? s.materials.get(need.material);
    return material ? [{ material, loose: need.loose, measured: from?.holding?.measured }] : [];
  });
}

export interface PlaceSafety {
  place: Place;
  safety: Assessment;
}

const STATES: readonly Assessment["state"][] = ["free", "adult-held", "blocked"];

/** At each place of the home where it could stand, how safe it would be there; the safest first. */
function placesFor(home: Home, s: Situation, child: Child, activity: Activity, rung: Rung): PlaceSafety[] {
  const kinds = rung.places ?? activity.places;
  const things = thingsFor(s, rung);
  return s.places
    .filter((place) => kinds.includes(place.kind))
    .filter((place) => place.servesOnly.length === 0 || place.servesOnly.includes(child.id))
    .map((place) => ({
      place,
      safety: assess(activity, rung, things, place, [child], home.children, home.on),
    }))
    .sort((a, b) => STATES.indexOf(a.safety.state) - STATES.indexOf(b.safety.state));
}

/** One activity opened for a child: its ladder, one rung of it, and what was noted before. */
export function activityView(
  home: Home,
  s: Situation,
  child: Child,
  activity: Activity,
  rungId: string | null,
) {
  const ready = s.readiness.get(child.id);
  if (!ready) return undefined;
  const ladder = placeOnLadder(activity, ready);
  const index = Math.max(0, rungId ? activity.rungs.findIndex((one) => one.id === rungId) : ladder.at);
  const rung = activity.rungs[index];
  const placed = ladder.rungs[index];
  if (!rung || !placed) return undefined;
  const before = activity.rungs[index - 1];
  const places = placesFor(home, s, child, activity, rung);
  const [best] = places;
  const mine = { child: child.id, activity: activity.id };
  const isMine = (row: typeof mine) => row.child === mine.child && row.activity === mine.activity;
  const wishes = s.wishes.filter(isMine);
  return {
    activity,
    ladder,
    index,
    rung,
    chance: placed.chance,
    barred: ready.barred(rung),
    needs: needStates(rung.materials, s.materials, s.stock),
    changes: before ? changesBetween(before, rung) : [],
    easier: stepsFrom(activity, rung, -1),
    harder: stepsFrom(activity, rung, 1),
    places,
    /** Where it is safe at no place: what would make it safe at the first. */
    ways:
      best?.safety.state === "blocked"
        ? safeWays({
            activity,
            rung,
            place: best.place,
            users: [child],
            household: home.children,
            on: home.on,
            materials: s.materials,
            places: s.places,
            things: thingsFor(s, rung),
          })
        : [],
    read: new Set(home.tables.cautionsRead.map((one) => one.rule)),
    twin: activity.rungs.find((one) => one.id === rung.largePieceTwin),
    grows: rung.grows.flatMap((id) => s.catalogue.skills.find((skill) => skill.id === id) ?? []),
    needed: rung.needs.flatMap((need) => {
      const skill = s.catalogue.skills.find((one) => one.id === need.skill);
      return skill
        ? [{ skill, word: ready.skill(skill.id)?.word ?? "coming", forSafety: need.forSafety }]
        : [];
    }),
    notes: home.tables.observations
      .filter((seen) => isMine(seen) && seen.on <= home.on)
      .sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : a.createdAt < b.createdAt ? 1 : -1)),
    history: s.history(child.id, activity),
    nextTimes: home.tables.nextTimes.filter((one) => one.activity === activity.id),
    onPlan: wishes.find((wish) => wish.kind === "lock"),
    soon: wishes.find((wish) => wish.kind === "soon"),
    refused: wishes.find(
      (wish) => wish.kind === "never" || (wish.kind === "not-until" && (wish.until ?? home.on) >= home.on),
    ),
  };
}
export type ActivityView = NonNullable<ReturnType<typeof activityView>>;
