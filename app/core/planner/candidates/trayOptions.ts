import type { Situation } from "../../household";
import { measuredPiece, type Option, type Stock } from "../../materials";
import { addDays, type Child, type Need, type PlainDate } from "../../model";
import {
  type Assessment,
  assessThing,
  DAYS_BEYOND,
  fetchesFrom,
  type Judgement,
  overSpans,
  type ReachSpan,
  reachSpans,
  type TrayThing,
} from "../../safety";
import { type NeedChoice, type PlaceClass, stockOf, type TrayOption } from "./problem";
import { WEIGHTS } from "./weights";

/** What users' trays at a kind of place have in common: who can reach them on which days, and how each thing is judged. */
export interface Reach {
  spans: readonly ReachSpan[];
  /** The day after the rotation's last. */
  to: PlainDate;
  /** The child who does not get at it by itself: only what the adult brings can stand there. */
  notFetchedBy?: Child;
  judged: Map<string, Judgement>;
}

/** Who can reach a kind of place when it is these children's turn, worked out once for all rungs. */
export const reachOfClass = (s: Situation, users: readonly Child[], placeClass: PlaceClass): Reach => {
  const [place] = placeClass.places;
  if (!place) throw new Error(`The place class "${placeClass.id}" has no places.`);
  return {
    spans: reachSpans(place, users, s.people, s.on, addDays(s.to, DAYS_BEYOND)),
    to: s.to,
    notFetchedBy: users.find((user) => !fetchesFrom(place, s.people, user, s.on)),
    judged: new Map(),
  };
};

/** Judged for every day it may stand there. */
export const overDays = ({ spans, to }: Reach, judgeFor: (span: ReachSpan) => Assessment): Judgement =>
  overSpans(
    spans.map((span) => ({ from: span.from, assessment: judgeFor(span) })),
    to,
  );

function judgedThing(from: Stock, loose: boolean, reach: Reach): Judgement {
  const key = `${from.key} ${loose}`;
  const known = reach.judged.get(key);
  if (known) return known;
  const thing: TrayThing = { material: from.material, loose, measured: measuredPiece(from) };
  const judged = overDays(reach, (span) => assessThing(thing, span.reachers));
  reach.judged.set(key, judged);
  return judged;
}

/** A way to serve a need, as it is judged there; undefined where it is blocked. */
export function trayOption(
  stock: ReadonlyMap<string, Stock>,
  need: Need,
  option: Option,
  reach: Reach,
): TrayOption | undefined {
  const from = stockOf({ stock }, option.stock);
  const assessed = judgedThing(from, need.loose, reach);
  if (assessed.state === "blocked") return undefined;
  return {
    ...option,
    held: assessed.state === "adult-held",
    close: assessed.position !== "in-room" || assessed.state === "adult-held",
    position: assessed.position,
    findings: assessed.findings,
    cost: WEIGHTS.standIn * (1 - option.serves) + (assessed.state === "adult-held" ? WEIGHTS.adultHeld : 0),
  };
}

/**
 * Without what may stay away and is not safe here, or would alone make the tray adult-held: of that it is freed, unless only
 * what is brought to the child can stand there.
 */
export function withoutUnsafeSpares(needs: NeedChoice[], held: boolean, reach: Reach): NeedChoice[] {
  const isHeld = ({ options }: NeedChoice) => options.every((one) => one.held);
  const isHeldAnyway = held || needs.some((choice) => !choice.need.spare && isHeld(choice));
  const isFreed = !isHeldAnyway && !reach.notFetchedBy;
  return needs.filter(
    (choice) => !choice.need.spare || (choice.options.length > 0 && !(isFreed && isHeld(choice))),
  );
}
