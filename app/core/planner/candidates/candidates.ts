import type { ActivityHistory, Situation } from "../../household";
import { materialName, type Served, type Stock, tightFit } from "../../materials";
import type { Activity, Child, Rung, Wish } from "../../model";
import type { Chance } from "../../readiness";
import { assessRung, blockReasonOf } from "../../safety";
import { followTerms } from "./follows";
import { isLocked, isLockHere, personalExclusion } from "./personal";
import { isLongEnough } from "./placeClasses";
import type { Drafted, Exclusion, NeedChoice, PlaceClass } from "./problem";
import type { Barrier, Term } from "./reasons";
import { waysInBay } from "./room";
import { secondOf } from "./seconds";
import { bandOf, interestTerms, occasionTerms, reachTerm, startTerms, suggestedTerms } from "./terms";
import { overDays, type Reach, trayOption, withoutUnsafeSpares } from "./trayOptions";
import { visitsOf, visitTerms } from "./visits";
import { STRETCH_FROM, WEIGHTS } from "./weights";

/** How a rung is for one child, wherever it is set out. */
export interface ChildSuitability {
  child: Child;
  chance: Chance;
  history: ActivityHistory;
  /** Worth for this child while it is out, and once for being set out anew. */
  terms: Term[];
  starts: Term[];
  locked: boolean;
  /** The places that a lock asks for. */
  lockedTo: readonly string[];
}

const HELD_TERM: Term = { term: "adult-held", value: -WEIGHTS.adultHeld };

const total = (terms: readonly Term[]) => terms.reduce((sum, term) => sum + term.value, 0);

/** How the rung is for a child, or why it is not for this child now. */
export function suitabilityOf(
  s: Situation,
  child: Child,
  activity: Activity,
  rung: Rung,
): ChildSuitability | Exclusion {
  const excluded = (barrier: Barrier): Exclusion => ({
    child: child.id,
    activity: activity.id,
    rung: rung.id,
    barrier,
  });
  const history = s.history(child.id, activity);
  const wishes = s.wishes.filter((wish) => wish.child === child.id && wish.activity === activity.id);
  const personal = personalExclusion(s, child, activity, rung, history, wishes);
  if (personal) return excluded(personal);
  const chance = s.readiness.get(child.id)?.rung(activity, rung);
  if (!chance) return excluded({ code: "not-planned" });
  return {
    child,
    chance,
    history,
    terms: [
      reachTerm(chance, s.noted.has(child.id)),
      ...interestTerms(child, activity, history),
      ...suggestedTerms(s, rung, history),
      ...followTerms(s.followUps, child.id, activity, rung),
    ],
    starts: startTerms(history, wishes),
    locked: isLocked(s, wishes, rung),
    lockedTo: wishes.flatMap((wish: Wish) => (isLockHere(s, wish) && wish.place ? [wish.place] : [])),
  };
}

/** Everything of a candidate that does not hang on its place. */
function commonOf(s: Situation, activity: Activity, rung: Rung, users: readonly ChildSuitability[]) {
  const [first, ...others] = users as [ChildSuitability, ...ChildSuitability[]];
  const carried = users.every(
    ({ child, history }) =>
      history.tray?.rung === rung.id &&
      s.on === s.first &&
      (users.length === 1 || [history.tray.child, ...history.tray.also].includes(child.id)),
  );
  const prepMinutes = carried ? 0 : (rung.prepMinutes ?? activity.prepMinutes);
  const starts = users.flatMap((turn) => turn.starts);
  return {
    child: first.child.id,
    also: others.map((turn) => turn.child.id),
    activity,
    rung,
    chance: first.chance.chance,
    band: bandOf(first.chance.chance),
    others: others.map(({ chance }) => ({ chance: chance.chance, band: bandOf(chance.chance) })),
    prepMinutes,
    carried,
    locked: users.some((turn) => turn.locked),
    startValue: total(starts),
    terms: [
      ...users.flatMap((turn) => turn.terms),
      ...occasionTerms(
        s,
        activity,
        rung,
        users.map((turn) => turn.child.id),
      ),
      ...starts,
    ],
  };
}

export interface Setting {
  stock: ReadonlyMap<string, Stock>;
  classes: readonly PlaceClass[];
  /** Who can reach a class when it is these children's turn. */
  reach(users: readonly Child[], placeClass: PlaceClass): Reach;
}

/**
 * A pair that fits here, but tighter than the one it is thought for, makes the rung as hard as the next one: its chance
 * counts then, and where that would be a defeat it is left out.
 */
function asHardAsItFits(
  s: Situation,
  setting: Setting,
  activity: Activity,
  rung: Rung,
  ways: readonly Served[],
  users: readonly ChildSuitability[],
): { turns: readonly ChildSuitability[] } | { barrier: Barrier } {
  const tight = rung.fits.length > 0 ? tightFit(rung, ways, setting.stock, s.materials) : undefined;
  const harder = activity.rungs[activity.rungs.indexOf(rung) + 1];
  if (!tight || !harder) return { turns: users };
  const turns = users.map((turn): ChildSuitability => {
    const next = s.readiness.get(turn.child.id)?.rung(activity, harder);
    if (!next || next.chance >= turn.chance.chance) return turn;
    const [, ...rest] = turn.terms;
    const reach = reachTerm(next, s.noted.has(turn.child.id), {
      playMm: tight.playMm,
      asHardAs: harder.title,
    });
    return { ...turn, chance: next, terms: [reach, ...rest] };
  });
  const beaten = turns.find((turn) => turn.chance.chance < STRETCH_FROM && !turn.locked);
  return beaten
    ? { barrier: { code: "too-early", chance: beaten.chance.chance, asHardAs: harder.title } }
    : { turns };
}

/** Candidates for a rung and its users at every kind of place that is safe, or why it is safe at none. */
export function candidatesFor(
  s: Situation,
  setting: Setting,
  activity: Activity,
  rung: Rung,
  ways: readonly Served[],
  fitting: readonly PlaceClass[],
  users: readonly ChildSuitability[],
): { drafted: Drafted[] } | { barrier: Barrier } {
  const fitted = asHardAsItFits(s, setting, activity, rung, ways, users);
  if ("barrier" in fitted) return fitted;
  const common = commonOf(s, activity, rung, fitted.turns);
  const children = users.map((turn) => turn.child);
  const made: Drafted[] = [];
  let barrier: Barrier | undefined;
  for (const placeClass of fitting) {
    const [place] = placeClass.places;
    if (!place) continue;
    const reach = setting.reach(children, placeClass);
    const base = overDays(reach, (span) => assessRung(activity, rung, span.reachers, place.kind));
    const roomy = place.kind === "bay" ? waysInBay(rung, ways, setting.stock) : ways;
    if (!roomy) {
      barrier ??= { code: "no-room", place: place.name };
      continue;
    }
    const held = base.state === "adult-held";
    const needs = withoutUnsafeSpares(
      roomy.map(
        ({ need, options }): NeedChoice => ({
          need,
          options: options.flatMap((option) => trayOption(setting.stock, need, option, reach) ?? []),
        }),
      ),
      held,
      reach,
    );
    if (!isLongEnough(placeClass, activity)) {
      const most = placeClass.opening?.moment.minutes ?? 0;
      barrier ??= { code: "too-long", minutes: activity.playMinutes, most };
      continue;
    }
    const blocked = needs.find((choice) => choice.options.length === 0);
    if (base.state === "blocked" || blocked) {
      barrier ??= {
        code: "unsafe",
        at: blocked
          ? { place: place.name, thing: materialName(s.materials, blocked.need.material) }
          : { place: place.name, reason: blockReasonOf(base) },
      };
      continue;
    }
    if (placeClass.opening?.moment.adultBeside === false) {
      const close = held || base.position !== "in-room";
      if (close || needs.some((choice) => choice.options.every((one) => one.close))) {
        barrier ??= { code: "adult-away", place: place.name };
        continue;
      }
      for (const choice of needs) choice.options = choice.options.filter((one) => !one.close);
    }
    if (reach.notFetchedBy && !held && !needs.some((choice) => choice.options.every((one) => one.held))) {
      barrier ??= { code: "unreached", children: [reach.notFetchedBy.name], place: place.name };
      continue;
    }
    const visits = visitsOf(s, placeClass, common, needs);
    const terms = [...common.terms, ...visitTerms(visits, 0), ...(held ? [HELD_TERM] : [])];
    const drafted: Drafted = {
      ...common,
      ...visits,
      terms,
      value: total(terms),
      startValue: common.startValue - WEIGHTS.prepMinute * visits.prepMinutes,
      placeClass: placeClass.id,
      held,
      close: held || base.position !== "in-room",
      position: base.position,
      findings: base.findings,
      needs,
    };
    made.push(drafted, ...secondOf(s, drafted));
  }
  return made.length > 0 ? { drafted: made } : { barrier: barrier ?? { code: "unsafe" } };
}
