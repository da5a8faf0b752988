import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { GUIDES } from "../../catalogue/guides";
import { type Rung, RungId } from "../model";
import { faultsOfCatalogue } from "./checkCatalogue";

/** Rungs with what may stay away there, as a sentence would call it. */
const SPARING: [string, string, string][] = [
  ["down-the-ramp", "what-else", "cone"],
  ["what-is-in-the-box", "sound", "bell"],
  ["what-is-in-the-box", "boxes", "ball"],
  ["treasure-basket", "sounds", "shaker"],
  ["treasure-basket", "feel-bag", "shell"],
  ["same-by-touch", "bag", "ball"],
  ["hand-in-the-water", "floats", "ball"],
  ["which-tool", "three", "cup"],
  ["shake-and-stop", "which", "shaker"],
  ["taste-it", "guess", "bread"],
  ["taste-it", "smell-first", "lemon"],
  ["sounds-of-things", "name-too", "boat"],
  ["begins-with", "basket", "shell"],
  ["things-with-names", "name", "spoon"],
];

/** The codes of the faults when a rung is changed, or what is said at it. */
function codesWith(
  id: string,
  rungId: string,
  change: (rung: Rung) => Partial<Rung>,
  quiet?: string,
): string[] {
  const activity = CATALOGUE.activities.find((one) => one.id === id);
  const given = GUIDES[id];
  if (!activity || !given) throw new Error(`no activity ${id}`);
  const rungs = activity.rungs.map((one) => (one.id === rungId ? { ...one, ...change(one) } : one));
  const own = given.rungs?.[RungId.parse(rungId)];
  const guide = quiet ? { ...given, rungs: { ...given.rungs, [rungId]: { ...own, quiet: [quiet] } } } : given;
  return faultsOfCatalogue({ ...CATALOGUE, activities: [{ ...activity, guide, rungs }] }).map(
    ({ code }) => code,
  );
}

describe("a fault planted where something may stay away is found", () => {
  it.each(SPARING)("all that the hands have may stay away: %s/%s", (id, rung) => {
    expect(codesWith(id, rung, () => ({}))).toEqual([]);
    const all = ({ materials }: Rung) => ({
      materials: materials.map((need) => (need.loose ? { ...need, spare: true as const } : need)),
    });
    expect(codesWith(id, rung, all)).toContain("nothing-left");
  });

  it.each(SPARING)("the title or a script of %s/%s speaks of the %s", (id, rung, thing) => {
    expect(codesWith(id, rung, ({ title }) => ({ title: `${title}, with a ${thing}` }))).toContain(
      "not-on-tray",
    );
    const said = `Lay the ${thing} down slowly, and wait a while.`;
    expect(codesWith(id, rung, () => ({}), said)).toContain("not-on-tray");
  });
});
