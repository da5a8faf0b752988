import loadHighs from "highs";
import { CATALOGUE } from "../../app/catalogue/catalogue";
import {
  compareLooks,
  type ForecastScore,
  type LookFigures,
  predictions,
  type Report,
  reportOf,
  type SimulationSize,
  scoresOf,
  simulate,
} from "../../app/core/simulation";

const percent = (share: number) => `${(share * 100).toFixed(0)} %`;

const NAMES: Record<string, string> = {
  "printed-ages": "printed ages only",
  "random-fitting": "random among fitting ages",
  "weekly-themes": "fixed weekly themes",
  orto: "Orto's planner",
};

/** So many children are looked at, however many the policies play with. */
const LOOKED_AT = 60;

const lookRow = ({ looker, before, off }: LookFigures) =>
  `| ${looker} | ${before.toFixed(4)} | ${off.toFixed(4)} | ${(before - off).toFixed(4)} |`;

/** The report as tables, as they stand in docs/readiness.md. */
export function simulationText(
  { policies, calibration, meant }: Report,
  size: SimulationSize,
  scores: readonly ForecastScore[],
  looks: readonly LookFigures[],
): string {
  const rows = policies.map((one) => {
    const shares = [one.within, one.tooEasy, one.tooHard, one.worstTenth].map(percent);
    return `| ${NAMES[one.policy]} | ${shares.join(" | ")} | ${one.distinctActivities.toFixed(0)} | ${one.areasPerWeek.toFixed(1)} |`;
  });
  const bins = calibration.bins.map(
    (bin) =>
      `| ${percent(bin.from)} to ${percent(bin.from + 0.1)} | ${bin.tries} | ${percent(bin.predicted)} | ${percent(bin.seen)} |`,
  );
  return `${size.children} made-up children, ${size.weeks} weeks.

| policy | within reach | too easy | too hard | worst tenth within reach | distinct activities | areas a week |
| --- | --- | --- | --- | --- | --- | --- |
${rows.join("\n")}

| Orto meant it as | trays | mean true chance |
| --- | --- | --- |
${meant.map((one) => `| ${one.meant} | ${one.trays} | ${percent(one.meanTruth)} |`).join("\n")}

Calibration of Orto's chances: mean error ${calibration.error.toFixed(3)}, Brier score ${calibration.brier.toFixed(3)}.

| predicted | tries | mean predicted | seen alone |
| --- | --- | --- | --- |
${bins.join("\n")}

Children of another kind, who learn by practice: before each try, how likely it is that it is done alone.

| foretold by | log loss | off by |
| --- | --- | --- |
${scores.map((one) => `| ${one.forecaster} | ${one.logLoss.toFixed(3)} | ${one.calibrationError.toFixed(3)} |`).join("\n")}

Look and see: how far the belief that a rung is within reach is from whether it truly is, for ${LOOKED_AT} children of whom nothing is known
but their age, after four weeks of five looks a week and nothing else.

| looks chosen | before | after | lowered by |
| --- | --- | --- | --- |
${looks.map(lookRow).join("\n")}
`;
}

/** Plays the simulation and prints its tables; progress goes to standard error. */
export async function simulateVerb(size: SimulationSize): Promise<string> {
  const highs = await loadHighs();
  const runs = simulate(highs, CATALOGUE, size, (done, of) => {
    if (process.stderr.isTTY) process.stderr.write(`\r${done} of ${of}`);
  });
  const tries = Array.from({ length: size.children }, (_, seed) =>
    predictions(CATALOGUE, seed, size.weeks),
  ).flat();
  return simulationText(reportOf(runs), size, scoresOf(tries), compareLooks(CATALOGUE, LOOKED_AT));
}
