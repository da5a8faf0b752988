import {
  type Activity,
  type Fit,
  type Issue,
  type Material,
  type NeedId,
  type Rung,
  STIFFNESS,
} from "../model";
import { meetAsWritten, smallestPieceMm } from "../setup";
import type { Known } from "./checkActivity";

type Materials = Pick<Known, "materials">;

/** Ways to meet in which a hand has to aim. */
const AIMED: ReadonlySet<Fit["how"]> = new Set(["through", "onto", "in-wells"]);

const thingOf = (rung: Rung, need: NeedId, { materials }: Materials): Material | undefined => {
  const found = rung.materials.find((one) => one.id === need);
  return found && materials.get(found.material);
};

/** The least play in mm with which its things meet. */
function leastPlayMm(rung: Rung, { materials }: Materials): number | undefined {
  const plays = rung.fits.flatMap((fit) =>
    AIMED.has(fit.how) ? (meetAsWritten(fit, rung.materials, materials)?.playMm ?? []) : [],
  );
  return plays.length === 0 ? undefined : Math.min(...plays);
}

/** How limp the stem or cord is on which things go, or which goes through them. */
function limpness(rung: Rung, known: Materials): number | undefined {
  const found = rung.fits.flatMap(({ how, a, b }) => {
    const strand = how === "onto" ? b : how === "through" ? a : undefined;
    const { stiffness } = (strand && thingOf(rung, strand, known)) || {};
    return stiffness ? [STIFFNESS.indexOf(stiffness)] : [];
  });
  return found.length === 0 ? undefined : Math.max(...found);
}

/** How wide its smallest loose piece is: cords, tools and vessels are no pieces. */
function pieceMm(rung: Rung, { materials }: Materials): number | undefined {
  return smallestPieceMm(rung, ({ material }) => {
    const thing = materials.get(material);
    return thing?.stiffness || thing?.look?.as || thing?.holdsMl ? undefined : thing;
  });
}

/** What a higher step on an axis does to a fact of the rung: the fact falls, or rises. */
const FACTS: readonly {
  axis: keyof Rung["axes"];
  of(rung: Rung, known: Materials): number | undefined;
  harder: "less" | "more";
  says: string;
}[] = [
  { axis: "play", of: leastPlayMm, harder: "less", says: "leaves more play" },
  { axis: "pieceSize", of: pieceMm, harder: "less", says: "has larger pieces" },
  { axis: "stiffness", of: limpness, harder: "more", says: "has a stiffer stem" },
];

/** Rungs that stand higher on an axis than another one of their ladder, and whose things say the contrary. */
export function wrongAxes(activity: Activity, known: Materials): Issue[] {
  return FACTS.flatMap(({ axis, of, harder, says }) => {
    const rungs = activity.rungs.flatMap((rung) => {
      const [step, fact] = [rung.axes[axis], of(rung, known)];
      return step === undefined || fact === undefined ? [] : [{ rung, step, fact }];
    });
    return rungs.flatMap((high): Issue[] => {
      const low = rungs.find(
        (one) => one.step < high.step && (harder === "less" ? high.fact > one.fact : high.fact < one.fact),
      );
      return low
        ? [
            {
              code: "wrong-axis",
              path: `${activity.id}/${high.rung.id}/axes`,
              message: `It stands higher on “${axis}” than “${low.rung.title}”, and ${says}.`,
            },
          ]
        : [];
    });
  });
}
