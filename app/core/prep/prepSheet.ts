import type { Activity, Holding, Material, Need, PrepRule, Rung, Tray, Unit } from "../model";
import { cuttingOf, triangular } from "./cutting";

/** The order in which one walks: fetch, cut, count, fill, print, set out, and have the cloth beside. */
export const PREP_STEPS = ["gather", "cut", "count", "fill", "print", "lay-out", "beside"] as const;
export type PrepStep = (typeof PREP_STEPS)[number];

/** One thing to do, to be ticked off. */
export interface PrepLine {
  /** The same for the same tray and thing, so that a tick survives. */
  id: string;
  step: PrepStep;
  /** Where in the house it is fetched; for "gather" only. */
  where?: string;
  material?: string;
  quantity?: number;
  unit?: Unit;
  text: string;
  /** How the number came about, in words. */
  sum?: string;
  /** Names of the trays it is for. */
  trays: string[];
  /** Can be done the evening before. */
  evening: boolean;
}

export interface PrepSheet {
  lines: PrepLine[];
  /** Of all trays that are set out anew. */
  minutes: number;
  clearMinutes: number;
}

/** A tray to be prepared, with all that it names looked up. */
export interface PrepTray {
  tray: Tray;
  activity: Activity;
  rung: Rung;
  placeName: string;
  /** Out already: it is not fetched again, only what it uses up. */
  stays: boolean;
}

export interface Known {
  materials: ReadonlyMap<string, Material>;
  holdings: ReadonlyMap<string, Holding>;
}

const SOMEWHERE: Record<Material["found"], string> = {
  kitchen: "Kitchen",
  bathroom: "Bathroom",
  laundry: "Laundry",
  desk: "Desk",
  toys: "Toys",
  living: "Living room",
  outdoors: "Outdoors",
};

/** A tray with one of these is set out on the day. */
const FRESH_NEEDS: ReadonlySet<string> = new Set(["water", "ice-large"]);

/** Materials that are taken fresh, or would be wet overnight: set out on the day. */
const isFresh = (material: Material): boolean =>
  material.use === "consumable" &&
  (material.unit === "ml" || material.hazards.some((one) => one.kind === "choking-food"));

const distinct = <T>(all: readonly T[]): T[] => [...new Set(all)];

/** Fetched once for all trays: what is needed of each thing, where it is, and for which trays. */
function gatherLines(trays: readonly PrepTray[], { materials, holdings }: Known): PrepLine[] {
  const wanted = new Map<
    string,
    { material: Material; where: string; parts: { name: string; quantity: number }[] }
  >();
  for (const { tray, activity, stays } of trays) {
    for (const one of tray.allotted) {
      const material = materials.get(one.material);
      if (!material || (stays && material.use === "reusable")) continue;
      const holding = one.holding ? holdings.get(one.holding) : undefined;
      const where = one.holding ? holding?.where?.trim() || SOMEWHERE[material.found] : "To buy";
      const key = `${where} ${material.id}`;
      const known = wanted.get(key) ?? { material, where, parts: [] };
      known.parts.push({ name: activity.name, quantity: one.quantity });
      wanted.set(key, known);
    }
  }
  return [...wanted.entries()]
    .map(([key, { material, where, parts }]): PrepLine => {
      const quantity = parts.reduce((sum, part) => sum + part.quantity, 0);
      return {
        id: `gather ${key}`,
        step: "gather",
        where,
        material: material.id,
        quantity,
        unit: material.unit,
        text: material.name,
        ...(parts.length > 1
          ? { sum: `${parts.map((part) => `${part.quantity} for ${part.name}`).join(" + ")} = ${quantity}` }
          : {}),
        trays: distinct(parts.map((part) => part.name)),
        evening: !isFresh(material),
      };
    })
    .sort((a, b) =>
      (a.where ?? "") < (b.where ?? "")
        ? -1
        : (a.where ?? "") > (b.where ?? "")
          ? 1
          : a.text < b.text
            ? -1
            : 1,
    );
}

function ruleLine(one: PrepTray, rule: PrepRule, known: Known): PrepLine[] {
  const { activity, rung, tray } = one;
  const need = rung.materials.find((other) => other.id === rule.need);
  const taken = tray.allotted.find((other) => other.need === rule.need);
  const material = known.materials.get(taken?.material ?? need?.material ?? "");
  if (!need || !material) return [];
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
          text: `${material.name}: ${need.quantity} slices of ${rule.sliceMm} mm from ${cutting.lengths} of ${rule.stockMm} mm`,
          sum: `one of ${rule.stockMm} mm gives ${cutting.slicesEach}: (${rule.stockMm} + ${rule.cutMm}) ÷ (${rule.sliceMm} + ${rule.cutMm}), the cut taking ${rule.cutMm} mm; ${cutting.cuts} cuts, ${Math.round(cutting.wasteMm)} mm left over`,
        },
      ];
    }
  }
}

/** Water and other fillings: how much, and what the vessels hold. */
function fillLines(one: PrepTray, known: Known): PrepLine[] {
  const { rung, tray, activity } = one;
  const holds = (need: Need) => {
    const taken = tray.allotted.find((other) => other.need === need.id);
    const material = known.materials.get(taken?.material ?? need.material);
    return material?.holdsMl ? { material, ml: material.holdsMl * need.quantity } : undefined;
  };
  const vessels = rung.materials.flatMap((need) => holds(need) ?? []);
  return rung.materials.flatMap((need): PrepLine[] => {
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
              sum: `${vessel.material.name} holds ${vessel.ml} ml in all: ${vessel.ml >= need.quantity ? "it can’t run over" : "stopping in time is the task"}`,
            }
          : {}),
        trays: [activity.name],
        evening: false,
      },
    ];
  });
}

function trayLines(one: PrepTray): PrepLine[] {
  const { tray, activity, rung, placeName, stays } = one;
  if (stays) return [];
  const base = { trays: [activity.name] };
  const minutes = rung.prepMinutes ?? activity.prepMinutes;
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
      ...(minutes > 0 ? { sum: `about ${minutes} min` } : {}),
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

/**
 * Everything to do for a rotation, in the order in which one walks. Trays that stay are not fetched
 * again; what they use up is.
 */
export function prepSheet(trays: readonly PrepTray[], known: Known): PrepSheet {
  const fresh = trays.filter((one) => !one.stays);
  const lines = [
    ...gatherLines(trays, known),
    ...fresh.flatMap((one) => one.rung.prep.flatMap((rule) => ruleLine(one, rule, known))),
    ...fresh.flatMap((one) => fillLines(one, known)),
    ...trays.flatMap(trayLines),
  ];
  return {
    lines: PREP_STEPS.flatMap((step) => lines.filter((line) => line.step === step)),
    minutes: fresh.reduce((sum, { rung, activity }) => sum + (rung.prepMinutes ?? activity.prepMinutes), 0),
    clearMinutes: trays.reduce((sum, { activity }) => sum + activity.clearMinutes, 0),
  };
}
