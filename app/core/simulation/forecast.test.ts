import { expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { HELP_LEVELS } from "../model";
import { randomFrom } from "../random";
import { runs } from "../testing/runs";
import { predictions, scoresOf } from "./forecast";
import { gradedBy, practisingChild } from "./practising";

it("foretells children of another kind than the model's better than printed ages and than the last three tries", () => {
  const all = Array.from({ length: runs(8, 40) }, (_, i) => predictions(CATALOGUE, i, 16)).flat();
  const [orto, printed, lastThree] = scoresOf(all);
  if (!orto || !printed || !lastThree) throw new Error("three forecasters were expected");
  expect(all.length).toBeGreaterThan(1500);
  expect(orto.logLoss).toBeLessThan(printed.logLoss - 0.1);
  expect(orto.logLoss).toBeLessThan(lastThree.logLoss - 0.03);
  expect(orto.calibrationError).toBeLessThan(Math.min(printed.calibrationError, lastThree.calibrationError));
});

it("scores a forecast by what happened", () => {
  const by = { orto: 0.9, "printed ages": 0.5, "last three tries": 0 };
  const [sure, even, never] = scoresOf([
    { by, alone: true },
    { by, alone: true },
  ]);
  expect(sure?.logLoss).toBeCloseTo(-Math.log(0.9), 9);
  expect(even?.logLoss).toBeCloseTo(Math.log(2), 9);
  // Taken as a chance of one in a hundred, so that it is not without end.
  expect(never?.logLoss).toBeCloseTo(-Math.log(0.01), 9);
  expect(sure?.calibrationError).toBeCloseTo(0.1, 9);
});

it("gets better by practice, at a pace of its own, and is graded wrong a tenth of the time", () => {
  const activity = CATALOGUE.activities.find((one) => one.id === "discs-in-a-slot");
  const rung = activity?.rungs[2];
  if (!activity || !rung) throw new Error("the catalogue has changed");
  const score = (from: number) => {
    const helps = Array.from({ length: 40 }, (_, seed) => {
      const child = practisingChild(seed);
      for (let day = 0; day < from; day++) child.tries(activity, rung, 17, day);
      return HELP_LEVELS.indexOf(child.tries(activity, rung, 17, from));
    });
    return helps.reduce((sum, one) => sum + one, 0) / helps.length;
  };
  expect(score(20)).toBeLessThan(score(0) - 0.5);
  const random = randomFrom(5);
  const wrong = Array.from({ length: 2000 }, () => gradedBy(random, "word")).filter((one) => one !== "word");
  expect(wrong.length / 2000).toBeCloseTo(0.1, 1);
  expect(new Set(wrong)).toEqual(new Set(["look", "hand"]));
});
