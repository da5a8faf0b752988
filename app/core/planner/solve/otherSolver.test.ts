import { execFileSync } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { runs } from "../../testing/runs";
import { horizonOf } from "../candidates/horizon";
import { mipModelOf } from "../model/mipModel";
import { ON, partFor, randomTables } from "../testing/households";
import { withMoments } from "../testing/moments";
import { solveMip } from "./solve";
import { lpTextOf } from "./solver";

/** Debian's package coinor-cbc: another solver, by other people, in another language. */
const CBC = "/usr/bin/cbc";
const GAP = 0.005;
const SECONDS = 60;

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

/** The value that the other solver proves for a model in the LP format, within the gap. */
function solvedByCbc(lp: string): number {
  const folder = mkdtempSync(join(tmpdir(), "orto-lp-"));
  const [model, solution] = [join(folder, "model.lp"), join(folder, "solution.txt")];
  writeFileSync(model, lp);
  const limits = ["ratioGap", String(GAP), "seconds", String(SECONDS)];
  execFileSync(CBC, [model, ...limits, "solve", "solution", solution], { stdio: "pipe" });
  const [head = "", ...rows] = readFileSync(solution, "utf8").split("\n");
  expect(head).toMatch(/^Optimal/);
  // Added up from the columns and not read from the first line, whose sign depends on the sense.
  const costs = new Map(costsIn(lp));
  return rows.reduce((sum, row) => {
    const [, name = "", value = "0"] = row.trim().split(/\s+/);
    return sum + (costs.get(name) ?? 0) * Number(value);
  }, 0);
}

/** The objective's coefficients by column, from the text itself. */
function costsIn(lp: string): [string, number][] {
  const objective = /obj:([\s\S]*?)\n\s*st/i.exec(lp)?.[1] ?? "";
  return [...objective.matchAll(/([+-])?\s*(\d+(?:\.\d+)?(?:e[+-]?\d+)?)\s+([A-Za-z_]\w*)/gi)].map(
    ([, sign, value, name]): [string, number] => [name ?? "", Number(`${sign === "-" ? "-" : ""}${value}`)],
  );
}

describe("another solver on the same models", () => {
  it("is there: npm test installs it from Debian's package coinor-cbc", () => {
    expect(existsSync(CBC)).toBe(true);
  });

  it.each(Array.from({ length: runs(6, 20) }, (_, i) => 40_000 + i))(
    "agrees on the value within the stated gap: seed %i",
    (seed) => {
      const tables = seed % 2 === 0 ? randomTables(seed) : withMoments(randomTables(seed), seed);
      const horizon = horizonOf(
        partFor(tables, seed, seed % 2 === 0 ? 2 : 3),
        tables,
        ON,
        seed % 4 === 3 ? 2 : 1,
      );
      const model = mipModelOf(horizon);
      const ours = solveMip(highs, model, { seconds: SECONDS, gap: GAP });
      if (!ours) throw new Error("no solution");
      const theirs = solvedByCbc(lpTextOf(highs, model));
      const room = 2 * GAP * Math.max(1, Math.abs(ours.objective));
      expect(Math.abs(ours.objective - theirs)).toBeLessThanOrEqual(room);
    },
    150_000,
  );
});
