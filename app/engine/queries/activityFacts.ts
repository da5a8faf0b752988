import { usualThings } from "../../core/draw";
import { offerContext, type Situation } from "../../core/household";
import { placeOnLadder, usesOf } from "../../core/ladder";
import { lacking, type NeedState, needStates } from "../../core/materials";
import type {
  Activity,
  AdultPosition,
  AreaId,
  Child,
  MaterialId,
  PlaceKind,
  Rung,
  RungId,
} from "../../core/model";
import type { ReadyWord } from "../../core/readiness";
import { type HomeState, stateInHome } from "../../core/safety";
import type { SetOut } from "../../core/setup";

/** Whether a rung's things are in the cupboard, the best first. */
export type Supply = "there" | "stand-in" | "buy" | "missing";

/** An activity as the list shows and filters it, at the rung to go for now. */
export interface ActivityFacts {
  id: string;
  name: string;
  invitation: string;
  area: AreaId;
  family: string;
  glyph: string;
  /** What its drawing is made from when it is looked at. */
  laid: { fits: Rung["fits"]; things: readonly SetOut[]; place: PlaceKind };
  own: boolean;
  rung: RungId;
  rungTitle: string;
  word: ReadyWord;
  chance: number;
  medianMonths: number;
  minutes: { prep: number; clear: number; play: number };
  wet: boolean;
  messy: boolean;
  loud: boolean;
  adult: AdultPosition;
  places: readonly PlaceKind[];
  grows: readonly string[];
  /** Whether it can be set out here: blocked, it is shown and not offered. */
  here: HomeState;
  supply: Supply;
  /** Names of what is missing or has to be bought. */
  lacks: readonly string[];
}

const SUPPLY_ORDER: readonly Supply[] = ["there", "stand-in", "buy", "missing"];

export function supplyOf(states: readonly NeedState[]): Supply {
  if (lacking(states).length === 0)
    return states.some((one) => one.state === "stand-in") ? "stand-in" : "there";
  return states.every((one) => one.state !== "missing" && one.state !== "too-few") ? "buy" : "missing";
}

/** The rung of the ladder that is shown: where the child stands, or the nearest that uses the material asked for. */
function shownRung(activity: Activity, at: number, using: ReadonlySet<string> | undefined): Rung | undefined {
  if (!using) return activity.rungs[at];
  return activity.rungs
    .map((rung, i) => ({ rung, far: Math.abs(i - at) }))
    .filter(({ rung }) => using.has(`${activity.id}/${rung.id}`))
    .sort((a, b) => a.far - b.far)[0]?.rung;
}

function factsOf(s: Situation, child: Child, activity: Activity, using?: ReadonlySet<string>) {
  const ready = s.readiness.get(child.id);
  if (!ready) return [];
  const placed = placeOnLadder(activity, ready);
  const rung = shownRung(activity, placed.at, using);
  const chance = placed.rungs.find((one) => one.rung === rung)?.chance;
  if (!rung || !chance) return [];
  const states = needStates(rung, s.materials, s.stock);
  const facts: ActivityFacts = {
    id: activity.id,
    name: activity.name,
    invitation: activity.invitation,
    area: activity.area,
    family: activity.family,
    glyph: activity.glyph,
    laid: {
      fits: rung.fits,
      things: usualThings(rung, s.materials),
      place: (rung.places ?? activity.places)[0] ?? "bay",
    },
    own: "createdAt" in activity,
    rung: rung.id,
    rungTitle: rung.title,
    word: chance.word,
    chance: chance.chance,
    medianMonths: rung.window.median,
    minutes: {
      prep: rung.prepMinutes ?? activity.prepMinutes,
      clear: activity.clearMinutes,
      play: activity.playMinutes,
    },
    wet: activity.wet,
    messy: activity.messy,
    loud: activity.loud,
    adult: rung.adult ?? activity.adult,
    places: rung.places ?? activity.places,
    grows: rung.grows,
    here: stateInHome(activity, rung, s.places, offerContext(s, [child])),
    supply: supplyOf(states),
    lacks: lacking(states).map((id) => s.materials.get(id)?.name ?? id),
  };
  return [facts];
}

const WORD_ORDER: readonly ReadyWord[] = ["now", "coming", "settled"];

/** What fits now and is all there comes first; of these, what is nearest to just within reach. */
function byUse(a: ActivityFacts, b: ActivityFacts): number {
  return (
    Number(a.here === "blocked") - Number(b.here === "blocked") ||
    WORD_ORDER.indexOf(a.word) - WORD_ORDER.indexOf(b.word) ||
    SUPPLY_ORDER.indexOf(a.supply) - SUPPLY_ORDER.indexOf(b.supply) ||
    Math.abs(a.chance - 0.65) - Math.abs(b.chance - 0.65) ||
    (a.id < b.id ? -1 : 1)
  );
}

/** Every activity for a child, at the rung to go for; with a material, only what uses it or what it stands in for. */
export function allFacts(s: Situation, child: Child, material?: MaterialId): ActivityFacts[] {
  const using = material
    ? new Set(usesOf(s.catalogue, material).map(({ activity, rung }) => `${activity.id}/${rung.id}`))
    : undefined;
  return s.catalogue.activities.flatMap((activity) => factsOf(s, child, activity, using)).sort(byUse);
}
