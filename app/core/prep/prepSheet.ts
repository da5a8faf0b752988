import type { Need, PrepRule } from "../model";
import { amountText, lengthText } from "../units";
import { cuttingOf, triangular } from "./cutting";
import { dryingPlaces } from "./drying";
import { gatherLines } from "./gather";
import { distinct, type Known, PREP_STEPS, type PrepSheet, type PrepTray } from "./lines";
import { timed, type UntimedLine } from "./minutes";
import { mixLines } from "./mix";

/** A tray with one of these is set out on the day. */
const FRESH_NEEDS: ReadonlySet<string> = new Set(["water", "ice-large"]);

function ruleLine(one: PrepTray, rule: PrepRule, known: Known): UntimedLine[] {
  const { activity, rung, tray } = one;
  const need = rung.materials.find((other) => other.id === rule.need);
  const taken = tray.allotted.find((other) => other.need === rule.need);
  const material = known.materials.get(taken?.material ?? need?.material ?? "");
  if (!need || !material) return [];
  const mm = (length: number) => lengthText(length, known.units);
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
          text: `${material.name}: ${rule.k} for each of ${rule.n}`,
          sum: `${rule.n} × ${rule.k} = ${rule.n * rule.k}`,
        },
      ];
    case "one-to-n":
      return [
        {
          ...base,
          step: "count",
          quantity: triangular(rule.n),
          unit: "piece",
          text: `${material.name}: one, two and so on up to ${rule.n}`,
          sum: `${Array.from({ length: rule.n }, (_, i) => i + 1).join(" + ")} = ${rule.n} × ${rule.n + 1} ÷ 2 = ${triangular(rule.n)}`,
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
          text: `${material.name}: ${need.quantity} slices of ${mm(rule.sliceMm)} from ${cutting.lengths} of ${mm(rule.stockMm)}`,
          sum: `one of ${mm(rule.stockMm)} gives ${cutting.slicesEach}: (${mm(rule.stockMm)} + ${mm(rule.cutMm)}) ÷ (${mm(rule.sliceMm)} + ${mm(rule.cutMm)}), the cut taking ${mm(rule.cutMm)}; ${cutting.cuts} cuts, ${mm(Math.round(cutting.wasteMm))} left over`,
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
        text: `${material.name} for ${activity.name}`,
        ...(vessel
          ? {
              sum: `${vessel.material.name} holds ${amountText(vessel.ml, "ml", known.units)} in all: ${vessel.ml >= need.quantity ? "it can’t run over" : "stopping in time is the task"}`,
            }
          : {}),
        trays: [activity.name],
        evening: false,
      },
    ];
  });
}

function dryLines({ tray, activity }: PrepTray, at: string | undefined): UntimedLine[] {
  if (!activity.dryHours || !at) return [];
  return [
    {
      trays: [activity.name],
      id: `dry ${tray.id}`,
      step: "beside",
      text: `Room for the work of ${activity.name} to dry: ${at}`,
      sum: `about ${activity.dryHours} h after each time`,
      evening: false,
    },
  ];
}

function trayLines(one: PrepTray): UntimedLine[] {
  const { tray, activity, rung, placeName, stays } = one;
  if (stays) return [];
  const base = { trays: [activity.name] };
  const minutes = minutesOf(one);
  const wet = activity.wet || rung.hazards.some((one) => one.kind === "water");
  return [
    ...(rung.sheet
      ? [
          {
            ...base,
            id: `print ${tray.id}`,
            step: "print" as const,
            text: `${rung.sheet}, for ${activity.name}`,
            evening: true,
          },
        ]
      : []),
    {
      ...base,
      id: `lay-out ${tray.id}`,
      step: "lay-out",
      text: `${activity.name}: ${rung.title}. At ${placeName}${tray.state === "adult-held" ? ", kept up high" : ""}`,
      ...(minutes > 0 ? { sum: `about ${minutes} min for the whole tray` } : {}),
      evening: !activity.wet && !rung.materials.some((need) => FRESH_NEEDS.has(need.material)),
    },
    ...(wet || activity.messy
      ? [
          {
            ...base,
            id: `beside ${tray.id}`,
            step: "beside" as const,
            text: `${wet ? "A towel below and a dry cloth" : "A sheet below and a damp cloth"} beside ${activity.name}`,
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
          text: `A label for each new tray: ${names.join(", ")}`,
          trays: names,
          evening: true,
        },
      ];
};

/**
 * Everything to do for a rotation, in the order in which one walks. Trays that stay are not fetched
 * again; what they use up is.
 */
export function prepSheet(trays: readonly PrepTray[], known: Known): PrepSheet {
  const fresh = trays.filter((one) => !one.stays);
  const drying = dryingPlaces(trays, known.places);
  const untimed = [
    ...gatherLines(trays, known),
    ...mixLines(trays, known),
    ...fresh.flatMap((one) => one.rung.prep.flatMap((rule) => ruleLine(one, rule, known))),
    ...fresh.flatMap((one) => fillLines(one, known)),
    ...labelLines(fresh),
    ...trays.flatMap((one) => trayLines(one)),
    ...fresh.flatMap((one) => dryLines(one, drying.get(one.tray.id))),
  ];
  const lines = timed(
    untimed,
    fresh.map((one) => ({ name: one.activity.name, minutes: minutesOf(one) })),
  );
  return {
    lines: PREP_STEPS.flatMap((step) => lines.filter((line) => line.step === step)),
    minutes: lines.reduce((sum, line) => sum + line.minutes, 0),
    clearMinutes: trays.reduce((sum, { activity }) => sum + activity.clearMinutes, 0),
  };
}
