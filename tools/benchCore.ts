import loadHighs from "highs";
import { CATALOGUE } from "../app/catalogue/catalogue";
import { PlaceId, plainDate, type Tables } from "../app/core/model";
import { horizonOf, makePlan, mipModelOf, solveHorizon, solveWhole, swapsFor } from "../app/core/planner";
import { smallPartFit } from "../app/core/safety";
import { demoBackup } from "../app/demo";

const RUNS = 9;
const ON = plainDate("2026-05-11");

/** Median milliseconds of several runs, after one that does not count. */
function time(what: () => unknown, runs = RUNS): number {
  what();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    what();
    return performance.now() - start;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(runs / 2)] ?? 0;
}

const highs = await loadHighs();
const { tables } = demoBackup(CATALOGUE);
/** Ten bays and the places beside: two more bays than the demo's shelf has. */
function withTenBays({ places, ...tables }: Tables): Tables {
  const bays = places.filter((place) => place.kind === "bay");
  const more = bays
    .slice(0, 10 - bays.length)
    .map((place) => ({ ...place, id: PlaceId.parse(`${place.id}-more`), order: 90 }));
  return { ...tables, places: [...places, ...more] };
}

/** A plan from the tables to its reasons, and HiGHS alone on the same model. */
function timePlan(name: string, of: Tables, weeks: number) {
  const model = mipModelOf(horizonOf(CATALOGUE, of, ON, weeks));
  const gap = weeks > 1 ? 0.005 : 1e-6;
  // HiGHS by itself can take long on several rotations.
  const runs = weeks > 1 ? 3 : RUNS;
  const bare = time(() => solveWhole(highs, model, { seconds: 30, gap }), runs);
  const whole = time(() => makePlan(highs, horizonOf(CATALOGUE, of, ON, weeks)), runs);
  const proof = makePlan(highs, horizonOf(CATALOGUE, of, ON, weeks));
  console.log(
    `${name}: ${whole.toFixed(0)} ms, gap ${(proof.gap * 100).toFixed(3)} %; HiGHS alone on the same model (${model.columns.length} columns, ${model.rows.length} rows) ${bare.toFixed(0)} ms (× ${(whole / bare).toFixed(2)})`,
  );
}
timePlan("one rotation, eight bays", tables, 1);
timePlan("one rotation, ten bays", withTenBays(tables), 1);
timePlan("four rotations of ten bays", withTenBays(tables), 4);
timePlan("six rotations of ten bays", withTenBays(tables), 6);
const horizon = horizonOf(CATALOGUE, tables, ON, 3);
const found = solveHorizon(highs, horizon, { seconds: 10 });
const out = found?.chosen[1]?.[0]?.candidate;
if (found && out) {
  const slot = { week: 1, child: out.child, activity: out.activity.id };
  console.log(`alternatives for a tray: ${time(() => swapsFor(highs, horizon, found, slot)).toFixed(0)} ms`);
}
const shapes = [
  { shape: "box", mm: [45, 30, 2] },
  { shape: "cylinder", mm: [21, 6] },
  { shape: "ellipsoid", mm: [56, 20, 15] },
] as const;
for (const { shape, mm } of shapes) {
  const fit = time(() => smallPartFit({ shape, mm: [...mm] } as Parameters<typeof smallPartFit>[0]));
  console.log(`small-part fit, ${shape}: ${fit.toFixed(1)} ms`);
}
