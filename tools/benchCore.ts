import loadHighs from "highs";
import { CATALOGUE } from "../app/catalogue/catalogue";
import { plainDate } from "../app/core/model";
import {
  buildProblem,
  mipModelOf,
  planOf,
  planWeeks,
  situationOf,
  solveMip,
  solveProblem,
} from "../app/core/planner";
import { smallPartFit } from "../app/core/safety";
import { demoBackup } from "../app/demo";

const RUNS = 9;
const ON = plainDate("2026-05-11");

/** Median milliseconds of several runs, after one that does not count. */
function time(what: () => unknown): number {
  what();
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    what();
    return performance.now() - start;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(RUNS / 2)] ?? 0;
}

const highs = await loadHighs();
const { tables } = demoBackup(CATALOGUE);
const problem = buildProblem(situationOf(CATALOGUE, tables, ON));
const model = mipModelOf(problem);
const bare = time(() => solveMip(highs, model, { seconds: 10 }));
const whole = time(() => {
  const situation = situationOf(CATALOGUE, tables, ON);
  const built = buildProblem(situation);
  const solved = solveProblem(highs, built, { seconds: 10 });
  return solved && planOf(situation, built, solved.chosen, solved);
});
console.log(
  `model: ${problem.candidates.length} candidates, ${model.columns.length} columns, ${model.rows.length} rows`,
);
console.log(
  `one rotation: ${whole.toFixed(0)} ms, of which the bare solver ${bare.toFixed(0)} ms (× ${(whole / bare).toFixed(2)})`,
);
const four = time(() => planWeeks(highs, CATALOGUE, tables, ON, 4, { seconds: 10 }));
console.log(`four rotations, one after the other: ${four.toFixed(0)} ms`);
const shapes = [
  { shape: "box", mm: [45, 30, 2] },
  { shape: "cylinder", mm: [21, 6] },
  { shape: "ellipsoid", mm: [56, 20, 15] },
] as const;
for (const { shape, mm } of shapes) {
  const fit = time(() => smallPartFit({ shape, mm: [...mm] } as Parameters<typeof smallPartFit>[0]));
  console.log(`small-part fit, ${shape}: ${fit.toFixed(1)} ms`);
}
