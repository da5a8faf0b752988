import { addTo } from "../collections";
import {
  type Activity,
  type Catalogue,
  type Issue,
  type Material,
  type PrepRule,
  type Rung,
  type Skill,
  tapeCm,
} from "../model";
import { isSmallPart, passesTube } from "../safety";
import { type Meeting, meetAsWritten } from "../setup";

/** What an activity is checked against: ids looked up once for many activities. */
export interface Known {
  skills: ReadonlyMap<string, Skill>;
  materials: ReadonlyMap<string, Material>;
}

export const knownOf = (catalogue: Pick<Catalogue, "skills" | "materials">): Known => ({
  skills: new Map(catalogue.skills.map((one) => [one.id, one])),
  materials: new Map(catalogue.materials.map((one) => [one.id, one])),
});

const fault = (code: string, path: string, message: string): Issue => ({ code, path, message });

/** True where a loose piece of the rung counts as small: it fits the cylinder or passes the tube. */
export const hasSmallPiece = (rung: Rung, materials: ReadonlyMap<string, Material>): boolean =>
  rung.materials.some((need) => {
    const piece = need.loose ? materials.get(need.material)?.piece : undefined;
    return piece !== undefined && (isSmallPart(piece) || passesTube(piece));
  });

function unknownIds(rung: Rung, path: string, known: Known): Issue[] {
  return [
    ...rung.needs.flatMap(({ skill }, i) =>
      known.skills.has(skill)
        ? []
        : [fault("unknown-skill", `${path}.needs[${i}]`, `There is no skill "${skill}".`)],
    ),
    ...rung.grows.flatMap((skill, i) =>
      known.skills.has(skill)
        ? []
        : [fault("unknown-skill", `${path}.grows[${i}]`, `There is no skill "${skill}".`)],
    ),
    ...rung.materials.flatMap(({ material }, i) =>
      known.materials.has(material)
        ? []
        : [fault("unknown-material", `${path}.materials[${i}]`, `There is no material "${material}".`)],
    ),
    ...[...rung.fits.flatMap((fit) => [fit.a, fit.b]), ...rung.prep.map((rule) => rule.need)]
      .filter((id) => !rung.materials.some((need) => need.id === id))
      .map((id) =>
        fault("unknown-need", path, `It names the need "${id}", but nothing of that name is set out.`),
      ),
  ];
}

/** How much a counting rule asks for; undefined for a rule that says how to cut. */
export const askedFor = (rule: PrepRule): number | undefined => {
  switch (rule.kind) {
    case "each":
      return rule.n * rule.k;
    case "one-to-n":
      return (rule.n * (rule.n + 1)) / 2;
    case "cut":
      return undefined;
  }
};

function wrongSums(rung: Rung, path: string): Issue[] {
  return rung.prep.flatMap((rule, i) => {
    const asked = askedFor(rule);
    const have = rung.materials.find((need) => need.id === rule.need)?.quantity;
    return asked === undefined || have === undefined || have >= asked
      ? []
      : [
          fault(
            "wrong-sum",
            `${path}.prep[${i}]`,
            `It takes ${asked} of "${rule.need}", but only ${have} are set out.`,
          ),
        ];
  });
}

/** What is wrong where two things do not meet as they should. */
const MISFITS: Readonly<Record<NonNullable<Meeting["fault"]>, (a: string, b: string) => string>> = {
  "too-narrow": (a, b) => `"${a}" does not suit "${b}": it is too large, or the opening too small.`,
  "too-many": (a, b) => `There is no room for all of "${a}" in "${b}" at once.`,
  "too-shallow": (a, b) => `"${b}" has hollows too shallow to hold "${a}"`,
  "no-stand": (a, b) => `"${a}" has no flat side of "${b}" to stand on.`,
  "no-difference": (a, b) => `"${a}" and "${b}" do not differ enough.`,
  "not-alike": (a, b) => `"${a}" is not like "${b}" in form and size.`,
  shut: (a) => `"${a}" can't be opened.`,
};

function wrongFits(rung: Rung, path: string, known: Known): Issue[] {
  return rung.fits.flatMap((fit, i) => {
    const meeting = meetAsWritten(fit, rung.materials, known.materials);
    if (meeting?.ok) return [];
    return [
      meeting === undefined
        ? fault(
            "no-size",
            `${path}.fits[${i}]`,
            `Whether "${fit.a}" suits "${fit.b}" hangs on sizes that are not given.`,
          )
        : fault("misfit", `${path}.fits[${i}]`, MISFITS[meeting.fault ?? "too-narrow"](fit.a, fit.b)),
    ];
  });
}

/** Earlier than this share of, or later than this many times, a skill's median is out of line with it. */
export const IN_LINE = { earliest: 0.55, latest: 2.8, needEarlier: 1.15 } as const;

function outOfLine(rung: Rung, path: string, known: Known): Issue[] {
  const { median } = rung.window;
  const grown = rung.grows.flatMap((id) => known.skills.get(id)?.window.median ?? []);
  const issues: Issue[] = [];
  if (grown.length > 0 && median < Math.min(...grown) * IN_LINE.earliest) {
    issues.push(
      fault("out-of-line", `${path}.window`, `At ${median} months it is far too early for what it grows.`),
    );
  }
  if (grown.length > 0 && median > Math.max(...grown) * IN_LINE.latest) {
    issues.push(
      fault("out-of-line", `${path}.window`, `At ${median} months what it grows has long been there.`),
    );
  }
  for (const need of rung.needs) {
    const skill = known.skills.get(need.skill);
    if (skill && skill.window.median > median * IN_LINE.needEarlier) {
      issues.push(
        fault(
          "out-of-line",
          `${path}.needs`,
          `It needs "${skill.name}", which comes later (${skill.window.median} months).`,
        ),
      );
    }
  }
  return issues;
}

function notHarder(activity: Activity): Issue[] {
  return activity.rungs.slice(1).flatMap((rung, i) => {
    const before = activity.rungs[i];
    if (!before) return [];
    const path = `rungs[${i + 1}]`;
    const earlier = rung.window.median < before.window.median;
    const axes = new Set([...Object.keys(rung.axes), ...Object.keys(before.axes)] as (keyof Rung["axes"])[]);
    const harder = [...axes].some((axis) => (rung.axes[axis] ?? 0) > (before.axes[axis] ?? 0));
    return [
      ...(earlier
        ? [fault("not-harder", `${path}.window`, `"${rung.title}" comes after a rung for an older child.`)]
        : []),
      ...(harder
        ? []
        : [
            fault("not-harder", `${path}.axes`, `"${rung.title}" is harder on no axis than the rung before.`),
          ]),
    ];
  });
}

function missingTwin(activity: Activity, rung: Rung, path: string, known: Known): Issue[] {
  if (rung.held || !hasSmallPiece(rung, known.materials)) return [];
  const twin = activity.rungs.find((one) => one.id === rung.largePieceTwin);
  return twin && !hasSmallPiece(twin, known.materials)
    ? []
    : [
        fault(
          "no-twin",
          path,
          `A piece of "${rung.title}" is small; name a rung with large pieces that grows the same, or keep it adult-held.`,
        ),
      ];
}

/** A way over the floor that names what is not set out, or takes more of it than there is. */
function faultsOfFloor(rung: Rung, path: string, known: Known): Issue[] {
  const taken = new Map<string, number>();
  const stations = rung.floor ?? [];
  const issues = stations.flatMap((station, i): Issue[] => {
    if (station.kind === "mark") return [];
    const need = rung.materials.find((one) => one.id === station.need);
    const at = `${path}.floor[${i}]`;
    if (!need) return [fault("unknown-need", at, `The way names "${station.need}", which is not set out.`)];
    const isTape = known.materials.get(need.material)?.unit === "cm";
    if (isTape !== (station.kind === "tape"))
      return [fault("floor", at, `"${station.need}" is ${isTape ? "tape: say how it is laid" : "no tape"}.`)];
    addTo(taken, station.need, station.kind === "tape" ? tapeCm(station) : station.count);
    return [];
  });
  const over = [...taken].flatMap(([id, quantity]) => {
    const need = rung.materials.find((one) => one.id === id);
    return need && quantity > need.quantity
      ? [
          fault(
            "floor",
            `${path}.floor`,
            `The way takes ${quantity} of "${id}", and there are ${need.quantity}.`,
          ),
        ]
      : [];
  });
  const still =
    stations.length > 0 && stations.every((one) => one.gapCm === 0 && one.kind !== "tape")
      ? [fault("floor", `${path}.floor`, "The way has no distance in it.")]
      : [];
  return [...issues, ...over, ...still];
}

/** Routines of something that is done nowhere in the day. */
const routinesNowhere = ({ routines, places, rungs }: Activity): Issue[] =>
  routines && ![places, ...rungs.map((rung) => rung.places ?? [])].flat().includes("routine")
    ? [fault("routine-nowhere", "routines", "Routines are named, and it is done nowhere in the day.")]
    : [];

/**
 * What is wrong with an activity, each fault with its place in it: ids that are nowhere, a ladder that does
 * not get harder, windows out of line with the skills', sums and sizes that do not agree, small pieces
 * without a large-piece twin.
 */
export function faultsOfActivity(activity: Activity, known: Known): Issue[] {
  const ids = activity.rungs.map((rung) => rung.id);
  return [
    ...ids
      .filter((id, i) => ids.indexOf(id) !== i)
      .map((id) => fault("repeated-id", "rungs", `The rung "${id}" stands twice.`)),
    ...routinesNowhere(activity),
    ...notHarder(activity),
    ...activity.rungs.flatMap((rung, i) => {
      const path = `rungs[${i}]`;
      const unknown = unknownIds(rung, path, known);
      if (unknown.length > 0) return unknown;
      return [
        ...wrongSums(rung, path),
        ...wrongFits(rung, path, known),
        ...faultsOfFloor(rung, path, known),
        ...outOfLine(rung, path, known),
        ...missingTwin(activity, rung, path, known),
      ];
    }),
  ];
}
