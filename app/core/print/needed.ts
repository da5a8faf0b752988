import { INTERESTS, type Interest } from "../draw/pictures";
import type {
  Activity,
  Filling,
  MaterialId,
  PrintedThing,
  Printing,
  Rung,
  SheetRequest,
  TakenValue,
} from "../model";
import type { SetOut } from "../setup";
import { fillingSheet } from "./fillingSheet";
import { sheetKindOf } from "./kinds";
import { picturesBySound } from "./kinds/letters";
import { nearestValues } from "./pages";
import type { NeededSheet } from "./sheet";

export interface SheetTray {
  activity: Pick<Activity, "id" | "interests">;
  rung: Pick<Rung, "id" | "sheet">;
  things: readonly SetOut[];
  /** For whom: their name is what is written, what they love is what is drawn. */
  child: { name: string; interests: readonly string[] };
  filling?: Filling | undefined;
}

/** A name is written with so many letters at most. */
const MOST_LETTERS = 20;
/** Each first sound is shown with so many pictures. */
const PICTURES_OF_A_SOUND = 3;
const SOUNDS = 3;
/** Sounds that are easy to hear at the beginning of a word, where the child's own has too few pictures. */
const CLEAR_SOUNDS = ["s", "m", "b"];

/** Three first sounds: the one that the child's name begins with, where there are pictures for it, and clear ones. */
function firstSounds({ child }: SheetTray): string {
  const own = child.name.slice(0, 1).toLowerCase();
  const first = picturesBySound(own).length >= PICTURES_OF_A_SOUND ? [own] : [];
  return [...new Set([...first, ...CLEAR_SOUNDS])].slice(0, SOUNDS).join("");
}

/** The interest of ours that is nearest to what the child loves, by a shared word; animals where none is. */
export function interestFor({ child }: SheetTray): Interest {
  const loved = child.interests.join(" ").toLowerCase();
  const ids = Object.keys(INTERESTS) as Interest[];
  const words = (id: Interest) => [...id.split(/\W+/), ...INTERESTS[id].flatMap((one) => one.split("-"))];
  return (
    ids.find((id) => words(id).some((word) => word.length > 2 && loved.includes(word.replace(/s$/, "")))) ??
    "animals of the house and farm"
  );
}

const within = (value: number, { least = -Infinity, most = Infinity }: TakenValue): number =>
  Math.min(most, Math.max(least, value));

/** The width in mm of the first of these things on the tray that has one. */
const widthOf = ({ things }: SheetTray, of: readonly MaterialId[]): number | undefined =>
  things.find((one) => of.includes(one.material.id))?.material.piece?.mm[0];

/** The value of a field for a tray; `quantity` is how many of the printed thing lie there. Undefined: as usual. */
function takenFrom(taken: TakenValue, tray: SheetTray, quantity: number): number | string | undefined {
  switch (taken.take) {
    case "quantity":
      return within(Math.floor(quantity / taken.each), taken);
    case "width": {
      const widthMm = widthOf(tray, taken.of) ?? taken.usual;
      return widthMm === undefined ? undefined : within(widthMm, taken);
    }
    case "name":
      return tray.child.name.slice(0, MOST_LETTERS);
    case "loved":
      return interestFor(tray);
    case "sounds":
      return firstSounds(tray);
  }
}

function filledIn({ kind, values }: SheetRequest, tray: SheetTray, quantity: number): NeededSheet {
  const fields = Object.entries(values).flatMap(([name, value]) => {
    const taken = typeof value === "object" ? takenFrom(value, tray, quantity) : value;
    return taken === undefined ? [] : [[name, taken] as const];
  });
  return { kind, values: Object.fromEntries(fields) };
}

/** Does a sheet make this thing? */
const isMadeBy = ({ madeBy }: PrintedThing, { kind, values }: NeededSheet): boolean =>
  madeBy.some(
    (one) => one.kind === kind && Object.entries(one.values).every(([name, value]) => values[name] === value),
  );

/** The thing that a sheet makes, by the id of its material; undefined where it makes none that the cupboard knows. */
export const thingOfSheet = (sheet: NeededSheet, { things }: Printing): MaterialId | undefined =>
  things.find((one) => isMadeBy(one, sheet))?.material;

/** The things that can be made by printing a sheet. */
export const printedThings = ({ things }: Printing): ReadonlySet<MaterialId> =>
  new Set(things.map((one) => one.material));

function forThing({ material, quantity }: SetOut, tray: SheetTray, { things }: Printing): NeededSheet[] {
  const { activity, rung } = tray;
  const isFor = (names: readonly string[] | undefined) =>
    names === undefined || names.includes(activity.id) || names.includes(`${activity.id}/${rung.id}`);
  const sheets = things.find((one) => one.material === material.id)?.sheets.find((one) => isFor(one.for));
  return (sheets?.print ?? []).map((one) => filledIn(one, tray, quantity));
}

/** What is to be printed for a tray: exactly as much as it uses, at the size of its pieces. */
export function sheetsFor(tray: SheetTray, printing: Printing): NeededSheet[] {
  const asked = (tray.rung.sheet && printing.named[tray.rung.sheet]) || [];
  const named = asked.map((one) => filledIn(one, tray, 1));
  // Where the rung names its sheet, its cards are that sheet.
  const things = named.length > 0 ? [] : tray.things.flatMap((one) => forThing(one, tray, printing));
  const filling = tray.filling && fillingSheet(tray.filling, tray.things);
  return [...named, ...things, ...(filling ? [filling] : [])].map(({ kind, values }) => {
    const known = sheetKindOf(kind);
    return { kind, values: known ? nearestValues(known, values) : values };
  });
}

/** The same sheet has the same key, in whatever order its fields stand. */
export const sheetKey = ({ kind, values }: NeededSheet): string =>
  `${kind} ${Object.entries(values)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, value]) => `${name}=${value}`)
    .join(" ")}`;
