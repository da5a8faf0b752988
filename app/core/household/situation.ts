import { present } from "../collections";
import { materialIndex, type Stock, type Supply, stockBetween, stockOf, withMixed } from "../materials";
import {
  addDays,
  type Catalogue,
  type Child,
  type ChildId,
  type Household,
  inOrderOfDays,
  livingTables,
  type Material,
  type Observation,
  type Place,
  type PlainDate,
  type SiteId,
  type Tables,
  type Wish,
} from "../model";
import { type ChildReadiness, foldingSteps, readinessOf } from "../readiness";
import { type People, peopleOf } from "../safety";
import { catalogueOf } from "./catalogueOf";
import { type FollowUp, recentFollowUps } from "./followUps";
import { type History, historyOf, laterHistory } from "./history";
import { childrenAt, daysOf, inOrderOfTheDay, type Opening, placeDuring } from "./moments";
import { plannedOn } from "./planned";

/** All that planning looks at, read once from the tables. */
export interface Situation {
  /** The first day of the rotation that is planned, and the day after its last. */
  on: PlainDate;
  to: PlainDate;
  /** The first day of the whole plan: the same, but for the later rotations of a plan of several. */
  first: PlainDate;
  site: SiteId;
  household: Household;
  catalogue: Catalogue;
  materials: ReadonlyMap<string, Material>;
  /** Everyone, also those who can only reach. */
  everyone: readonly Child[];
  /** Everyone with what was ticked of them, also those who are not born yet: what reach is worked out from. */
  people: People;
  planned: readonly Child[];
  places: readonly Place[];
  /** The moments of this rotation at places that are used by invitation, in the order of the day. */
  openings: readonly Opening[];
  /** What is there for this rotation: less what is due back or spoils before; and what can be mixed from it. */
  stock: readonly Stock[];
  /** What there is at the site, whenever. */
  allStock: readonly Stock[];
  readiness: ReadonlyMap<string, ChildReadiness>;
  /** The children of whom something was noted or ticked up to this day. */
  noted: ReadonlySet<string>;
  wishes: readonly Wish[];
  /** What earlier decisions ask of other trays. */
  followUps: readonly FollowUp[];
  history: History;
}

/** The moments that come from `from` to the day before `to`, at places where nothing stands on a board. */
export const openingsOf = (
  { moments }: Pick<Tables, "moments">,
  places: readonly Place[],
  planned: readonly Child[],
  from: PlainDate,
  to: PlainDate,
): Opening[] =>
  [...moments].sort(inOrderOfTheDay).flatMap((moment): Opening[] => {
    const place = places.find((one) => one.id === moment.place);
    if (!place || place.kind === "bay") return [];
    const days = daysOf(moment, from, to);
    const children = childrenAt(moment, place, planned);
    return [{ moment, place: placeDuring(place, moment), days, children }];
  });

/** What this rotation can be made from. */
export const supplyOf = ({ materials, stock, household }: Situation): Supply => ({
  materials,
  stock,
  cents: household.limits.cents,
});

/** The notes of up to a day; they come oldest first. */
const upTo = (observations: readonly Observation[], on: PlainDate): readonly Observation[] => {
  const last = observations.at(-1);
  return last && last.on > on ? observations.filter((seen) => seen.on <= on) : observations;
};

const ordered = new WeakMap<Tables, Tables>();

/** The living rows, in an order that is always the same. */
function orderedTables(all: Tables): Tables {
  const known = ordered.get(all);
  if (known) return known;
  const tables = livingTables(all);
  const made = {
    ...tables,
    observations: inOrderOfDays(tables.observations),
    skillNotes: inOrderOfDays(tables.skillNotes),
    decisions: inOrderOfDays(tables.decisions),
    wishes: inOrderOfDays(tables.wishes),
    children: [...tables.children].sort((a, b) => (`${a.birth} ${a.id}` < `${b.birth} ${b.id}` ? -1 : 1)),
    holdings: [...tables.holdings].sort((a, b) => (a.id < b.id ? -1 : 1)),
  };
  ordered.set(all, made);
  return made;
}

/** Folds what the notes tell of each child, with rests: years of them would else keep the page busy at one go. */
export function* readinessSteps(
  catalogue: Catalogue,
  all: Tables,
  on: PlainDate,
): Generator<undefined, void> {
  const tables = orderedTables(all);
  const noted = upTo(tables.observations, on);
  for (const child of plannedOn(tables.children, on)) {
    yield* foldingSteps(catalogue, child, noted, tables.skillNotes, on);
  }
}

/**
 * Reads the situation on a date at a site. Deleted rows are left out. For a later rotation of a
 * plan, `earlier` is the situation on its first day: what stands then, and what the notes suggest for
 * it, is still taken as it is then.
 */
export function situationOf(
  builtIn: Catalogue,
  allTables: Tables,
  on: PlainDate,
  site?: SiteId,
  earlier?: Situation,
): Situation {
  const tables = orderedTables(allTables);
  const household = tables.household[0];
  if (!household) throw new Error("The tables hold no household; check them with readBackup first.");
  const here = site ?? present(household.sites[0], "home of a household").id;
  const catalogue = earlier?.catalogue ?? catalogueOf(builtIn, tables);
  const materials = earlier?.materials ?? materialIndex(catalogue);
  const everyone = tables.children.filter((child) => child.birth <= on);
  const planned = plannedOn(tables.children, on);
  const noted = upTo(tables.observations, on);
  const readiness = new Map(
    planned.map((child) => [child.id, readinessOf(catalogue, child, noted, tables.skillNotes, on)]),
  );
  const allStock = earlier?.allStock ?? stockOf(materials, tables.holdings, here, household.limits.cents);
  const to = addDays(on, household.rotationDays);
  const people = peopleOf(tables);
  const stock = withMixed(materials, stockBetween(allStock, on, to));
  const offering = { people, supply: { materials, stock, cents: 0 }, from: on, to };
  const places = tables.places.filter((place) => place.site === here);
  return {
    on,
    to,
    first: earlier?.first ?? on,
    site: here,
    household,
    catalogue,
    materials,
    everyone,
    people,
    planned,
    places,
    openings: openingsOf(tables, places, planned, on, to),
    allStock,
    stock,
    readiness,
    noted: new Set<ChildId>(
      [...noted, ...tables.skillNotes.filter((one) => one.on <= on)].map((one) => one.child),
    ),
    wishes: tables.wishes,
    followUps: recentFollowUps(tables, catalogue, on),
    history: earlier ? laterHistory(earlier, on) : historyOf(tables, noted, here, readiness, on, offering),
  };
}
