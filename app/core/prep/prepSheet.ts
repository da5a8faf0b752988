import { distinct } from "../collections";
import { isPreparedEachTime, timesOut } from "../materials";
import type { Need, PrepRule } from "../model";
import { fillingSheet } from "../print/fillingSheet";
import { filledPieces } from "../setup";
import { cuttingOf, triangular } from "./cutting";
import { type DryingSpot, dryingPlaces } from "./drying";
import { gatherLines } from "./gather";
import { type Known, PREP_STEPS, type PrepSheet, type PrepTray } from "./lines";
import { timed, type UntimedLine } from "./minutes";
import { mixLines } from "./mix";
import { asPrepared, readyFor } from "./ready";

/** A tray with one of these is set out on the day. */
const FRESH_NEEDS: ReadonlySet<string> = new Set(["water", "ice-large"]);

function ruleLine(one: PrepTray, rule: PrepRule, known: Known): UntimedLine[] {
  const { activity, rung, tray } = one;
  const need = rung.materials.find((other) => other.id === rule.need);
  const taken = tray.allotted.find((other) => other.need === rule.need);
  const material = known.materials.get(taken?.material ?? need?.material ?? "");
  if (!need || !material) return [];
  const thing = material.name;
  const base = {
    id: `${rule.kind} ${tray.id} ${rule.need}`,
    trays: [activity.name],
    evening: true,
    material: material.id,
  };
  switch (rule.kind) {
    case "each":
      return [
        {
          ...base,
          step: "count",
          quantity: rule.n * rule.k,
          unit: "piece",
          task: { task: "each", thing, rule },
        },
      ];
    case "one-to-n":
      return [
        {
          ...base,
          step: "count",
          quantity: triangular(rule.n),
          unit: "piece",
          task: { task: "one-to-n", thing, rule },
        },
      ];
    case "cut": {
      const cutting = cuttingOf(need.quantity, rule.stockMm, rule.sliceMm, rule.cutMm);
      if (!cutting) return [];
      return [
        {
          ...base,
          step: "cut",
          quantity: need.quantity,
          unit: "piece",
          task: { task: "cut", thing, pieces: need.quantity, rule, cutting },
        },
      ];
    }
  }
}

/** Water and other fillings: how much, and what the vessels hold. */
function fillLines(one: PrepTray, known: Known): UntimedLine[] {
  const { rung, tray, activity } = one;
  const holds = (need: Need) => {
    const taken = tray.allotted.find((other) => other.need === need.id);
    const material = known.materials.get(taken?.material ?? need.material);
    return material?.holdsMl ? { material, ml: material.holdsMl * need.quantity } : undefined;
  };
  const vessels = rung.materials.flatMap((need) => holds(need) ?? []);
  return rung.materials.flatMap((need): UntimedLine[] => {
    const material = known.materials.get(need.material);
    if (material?.unit !== "ml") return [];
    const [vessel] = vessels;
    return [
      {
        id: `fill ${tray.id} ${need.id}`,
        step: "fill",
        material: material.id,
        quantity: need.quantity,
        unit: "ml",
        task: {
          task: "fill",
          thing: material.name,
          tray: activity.name,
          ...(vessel ? { vessel: { name: vessel.material.name, holdsMl: vessel.ml } } : {}),
        },
        trays: [activity.name],
        evening: false,
      },
    ];
  });
}

function dryLines({ tray, activity }: PrepTray, spot: DryingSpot | undefined): UntimedLine[] {
  if (!activity.dryHours || !spot) return [];
  return [
    {
      trays: [activity.name],
      id: `dry ${tray.id}`,
      step: "beside",
      task: { task: "dry", tray: activity.name, spot, hours: activity.dryHours },
      evening: false,
    },
  ];
}

/** What the filling of a tray asks for: pieces counted out, and its card or strip. */
function fillingLines({ tray, activity, rung }: PrepTray, { materials, holdings }: Known): UntimedLine[] {
  const { filling } = tray;
  if (!filling) return [];
  const things = tray.allotted.flatMap(({ need, material: id, quantity }) => {
    const material = materials.get(id);
    return material ? [{ need, material, quantity }] : [];
  });
  const base = { trays: [activity.name], evening: true };
  const pieces = filledPieces(filling, rung, things, ({ need }) => {
    const from = tray.allotted.find((one) => one.need === need)?.holding;
    return from && holdings.get(from)?.quantity;
  });
  const lines: UntimedLine[] = [];
  if (pieces)
    lines.push({
      ...base,
      id: `filling-pieces ${tray.id}`,
      step: "count",
      material: pieces.thing.material.id,
      quantity: pieces.out,
      unit: "piece",
      task: {
        task: "filling-pieces",
        filling,
        thing: pieces.thing.material.name,
        of: pieces.thing.quantity,
        heaps: pieces.heaps,
        lacking: pieces.lacking,
        tray: activity.name,
      },
    });
  if (fillingSheet(filling, things))
    lines.push({
      ...base,
      id: `filling-sheet ${tray.id}`,
      step: "print",
      task: { task: "filling-sheet", filling, tray: activity.name },
    });
  return lines;
}

function trayLines(one: PrepTray): UntimedLine[] {
  const { tray, activity, rung, placeName } = one;
  const base = { trays: [activity.name] };
  const wet = activity.wet || rung.hazards.some((one) => one.kind === "water");
  return [
    ...(rung.sheet
      ? [
          {
            ...base,
            id: `print ${tray.id}`,
            step: "print" as const,
            task: { task: "print" as const, sheet: rung.sheet, tray: activity.name },
            evening: true,
          },
        ]
      : []),
    {
      ...base,
      id: `lay-out ${tray.id}`,
      step: "lay-out",
      task: {
        task: "set-out",
        tray: activity.name,
        rung: rung.title,
        place: placeName,
        held: tray.state === "adult-held",
        minutes: minutesOf(one),
      },
      evening: !activity.wet && !rung.materials.some((need) => FRESH_NEEDS.has(need.material)),
    },
    ...(wet || activity.messy
      ? [
          {
            ...base,
            id: `beside ${tray.id}`,
            step: "beside" as const,
            task: { task: "beside" as const, tray: activity.name, wet },
            evening: true,
          },
        ]
      : []),
  ];
}

const minutesOf = ({ rung, activity }: PrepTray) => rung.prepMinutes ?? activity.prepMinutes;

/** One label for each tray that is set out anew. */
const labelLines = (fresh: readonly PrepTray[]): UntimedLine[] => {
  const names = distinct(fresh.map((one) => one.activity.name));
  return names.length === 0
    ? []
    : [
        {
          id: "label",
          step: "label",
          task: { task: "label", trays: names },
          trays: names,
          evening: true,
        },
      ];
};

/** Is it prepared before each of its moments, and not once for the rotation? */
const isEachTime = ({ tray, activity, rung }: PrepTray, { materials }: Known) =>
  tray.when !== undefined && isPreparedEachTime(activity, rung, materials);

/** Everything to be done for one tray by itself. */
function ownLines(one: PrepTray, known: Known): UntimedLine[] {
  const eachTime = isEachTime(one, known);
  if (one.stays && !eachTime) return [];
  const lines = [
    ...one.rung.prep.flatMap((rule) => ruleLine(one, rule, known)),
    ...fillLines(one, known),
    ...fillingLines(one, known),
    ...trayLines(one),
  ];
  return eachTime ? lines.map((line) => ({ ...line, times: timesOut(one.tray) })) : lines;
}

/**
 * Everything to do for a rotation, in the order in which one walks. Trays that stay are not fetched
 * again; what they use up is. What comes by moments and is wet or used up is prepared before each of them.
 */
export function prepSheet(trays: readonly PrepTray[], known: Known): PrepSheet {
  const fresh = trays.filter((one) => !one.stays);
  const drying = dryingPlaces(trays, known.places, known.moments);
  const asked = trays.map((one) => asPrepared(one.tray, one.stays, known.materials));
  const ready = readyFor(asked, known.materials, known.holdings.values(), known.from);
  const untimed = [
    ...gatherLines(trays, known, ready),
    ...mixLines(trays, known, ready),
    ...trays.flatMap((one) => ownLines(one, known)),
    ...labelLines(fresh),
    ...fresh.flatMap((one) => dryLines(one, drying.get(one.tray.id))),
  ];
  const lines = timed(
    untimed,
    trays.flatMap((one) => {
      const eachTime = isEachTime(one, known);
      if (one.stays && !eachTime) return [];
      return [{ name: one.activity.name, minutes: minutesOf(one) * (eachTime ? timesOut(one.tray) : 1) }];
    }),
  );
  return {
    lines: PREP_STEPS.flatMap((step) => lines.filter((line) => line.step === step)),
    minutes: lines.reduce((sum, line) => sum + line.minutes, 0),
    clearMinutes: trays.reduce((sum, { activity, tray }) => sum + activity.clearMinutes * timesOut(tray), 0),
  };
}
