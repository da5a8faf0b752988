import { INTERESTS, type Interest } from "../draw/pictures";
import { type Activity, type Filling, MaterialId, type Rung } from "../model";
import type { SetOut } from "../setup";
import { fillingSheet } from "./fillingSheet";
import { sheetKindOf } from "./kinds";
import { picturesBySound } from "./kinds/letters";
import { nearestValues } from "./pages";
import { type NeededSheet, PARTS, THINGS } from "./printed";

export type { NeededSheet } from "./printed";

export interface SheetTray {
  activity: Pick<Activity, "id" | "interests">;
  rung: Pick<Rung, "id" | "sheet">;
  things: readonly SetOut[];
  /** For whom: their name is what is written, what they love is what is drawn. */
  child: { name: string; interests: readonly string[] };
  filling?: Filling | undefined;
}

/** Three sounds with three pictures each: the one that the child's name begins with, where there are pictures for it, and two more. */
function soundSheet({ child }: SheetTray): NeededSheet {
  const own = child.name.slice(0, 1).toLowerCase();
  const first = picturesBySound(own).length >= 3 ? [own] : [];
  const sounds = [...new Set([...first, "s", "m", "b"])].slice(0, 3).join("");
  return { kind: "first-sounds", values: { sounds, pictures: 3 } };
}

/** Sheets that rungs ask for by name. */
const BY_NAME: Readonly<Record<string, (tray: SheetTray) => NeededSheet[]>> = {
  "shapes to dot": (tray) => [{ kind: "dots", values: { form: "circle", dotMm: dotOf(tray), gapMm: 3 } }],
  "lines to dot": (tray) => [{ kind: "dots", values: { form: "wave", dotMm: dotOf(tray), gapMm: 3 } }],
  "outlines of shapes": (tray) => [
    { kind: "shape-outlines", values: { shapes: 6, sizeMm: sizeOf(tray, "shapes-flat", 55) } },
  ],
  "outlines of cutters": (tray) => [
    { kind: "shape-outlines", values: { shapes: 4, sizeMm: sizeOf(tray, "cutter-plastic", 65) } },
  ],
  "growing snail in four stages": () => [
    { kind: "growth", values: { interest: "snails and garden", stages: 4 } },
  ],
  "boat outline with lines": () => [{ kind: "shape-picture", values: { pieces: 8, style: "with lines" } }],
  "boat outline": () => [{ kind: "shape-picture", values: { pieces: 10, style: "outline alone" } }],
  "pictures by first sound": (tray) => [soundSheet(tray)],
  "animals and shadows": () => [
    { kind: "shadow-match", values: { interest: "animals of the house and farm", pairs: 4, level: "easy" } },
  ],
  "birds and shadows": () => [
    { kind: "shadow-match", values: { interest: "animals of the house and farm", pairs: 6, level: "hard" } },
  ],
  "parts of shadows": () => [
    { kind: "shadow-match", values: { interest: "animals of the house and farm", pairs: 6, level: "part" } },
  ],
  "line patterns": () => [{ kind: "stick-patterns", values: { patterns: 6, from: 3, stickMm: 80 } }],
  "straight roads": () => [{ kind: "cutting", values: { shape: "straight", lineMm: 4 } }],
  "curved roads": () => [{ kind: "cutting", values: { shape: "waves", lineMm: 3, stripMm: 60 } }],
  "pictures in frames": () => [{ kind: "cut-out", values: { round: "square", pictures: 4 } }],
  "pictures to cut round": () => [{ kind: "cut-out", values: { round: "circle", pictures: 4 } }],
  "brick row": (tray) => [
    {
      kind: "rebuild",
      values: { from: 3, to: 3, pieceMm: Math.min(40, sizeOf(tray, "brick-large", 40)), form: "bricks" },
    },
  ],
};

/** The names by which rungs may ask for a sheet. */
export const SHEET_NAMES: ReadonlySet<string> = new Set(Object.keys(BY_NAME));

const widthOf = ({ material }: SetOut): number | undefined => material.piece?.mm[0];

const sizeOf = ({ things }: SheetTray, material: string, usual: number): number => {
  const found = things.find((one) => one.material.id === material);
  return (found && widthOf(found)) ?? usual;
};

/** What makes the dots: a sticker is as wide as it is, a bud makes dots of a centimetre. */
const dotOf = ({ things }: SheetTray): number => {
  const sticker = things.find((one) => one.material.id.startsWith("sticker-"));
  return Math.min(40, (sticker && widthOf(sticker)) ?? 10);
};

/** The counters of a tray: what lies there loose in the same number or more. */
function counterOf({ things }: SheetTray): number {
  const counter = things.find((one) => /counter|button|conker|pompom|sticker/.test(one.material.id));
  return Math.min(60, Math.max(10, (counter && widthOf(counter)) ?? 20));
}

/** The interest of ours that is nearest to what the child loves, by a shared word; ferries and bridges where none is. */
export function interestFor({ child }: SheetTray): Interest {
  const loved = child.interests.join(" ").toLowerCase();
  const ids = Object.keys(INTERESTS) as Interest[];
  const words = (id: Interest) => [...id.split(/\W+/), ...INTERESTS[id].flatMap((one) => one.split("-"))];
  return (
    ids.find((id) => words(id).some((word) => word.length > 2 && loved.includes(word.replace(/s$/, "")))) ??
    "animals of the house and farm"
  );
}

type Maker = (quantity: number, tray: SheetTray) => NeededSheet[];

/** Things that are made by printing: what each is printed as, for so many of it. */
const BY_MATERIAL: Readonly<Record<string, Maker>> = {
  "cards-number": (quantity, tray) =>
    /free|run-to|ten-boxes|count-with/.test(`${tray.activity.id}/${tray.rung.id}`)
      ? [{ kind: "numerals", values: { from: 1, to: Math.min(20, quantity) } }]
      : [
          {
            kind: "number-cards",
            values: { from: 1, to: Math.min(20, quantity), counterMm: counterOf(tray) },
          },
        ],
  "cards-pairs": (quantity, tray) => [
    {
      kind: "pairs",
      values: { interest: interestFor(tray), pairs: Math.max(2, Math.min(10, Math.floor(quantity / 2))) },
    },
  ],
  "cards-story": () => [{ kind: "story", values: {} }],
  "cards-shade": (quantity, { rung }) =>
    rung.id === "one-hue"
      ? ["blue", "green"].map((hue) => ({ kind: "shades", values: { hue, steps: quantity / 2, apart: 14 } }))
      : [
          {
            kind: "shades",
            values: {
              hue: rung.id === "grey" ? "grey" : "blue",
              steps: Math.min(9, quantity),
              apart: rung.id === "grey" ? 12 : 15,
            },
          },
        ],
  "cards-letter": (_, { activity, child }) => [
    // The letters of first sounds are printed with their pictures.
    ...(activity.id === "begins-with"
      ? []
      : [
          {
            kind: "letters",
            values: {
              word: child.name.slice(0, 20),
              style: activity.id === "big-and-small-letter" ? "big and small" : "as written",
            },
          },
        ]),
  ],
  "card-lacing": (_, { rung }) => [
    {
      kind: "lacing",
      values: { holes: rung.id === "punched" ? 5 : 8, form: rung.id === "punched" ? "circle" : "square" },
    },
  ],
  "picture-cards": (quantity, tray) => [
    ...(tray.activity.id === "begins-with"
      ? [soundSheet(tray)]
      : [{ kind: "picture-cards", values: { interest: interestFor(tray), cards: Math.min(12, quantity) } }]),
  ],
  "contrast-cards": (quantity) => [{ kind: "contrast", values: { cards: Math.min(6, quantity) } }],
  "cards-feeling": (quantity) => [{ kind: "faces", values: { faces: Math.max(2, Math.min(6, quantity)) } }],
  "game-path": () => [{ kind: "path", values: { squares: 12 } }],
};

/** The thing that a sheet makes, by the id of its material; undefined where it makes none that the cupboard knows. */
export const thingOfSheet = ({ kind, values }: NeededSheet): MaterialId | undefined => {
  const cut = Object.entries(PARTS).find(([, one]) => one.parts === values.parts)?.[0];
  return MaterialId.safeParse(kind === "cut-picture" ? cut : THINGS[kind]).data;
};

function forThing({ material, quantity }: SetOut, tray: SheetTray): NeededSheet[] {
  const cut = PARTS[material.id];
  if (!cut) return BY_MATERIAL[material.id]?.(quantity, tray) ?? [];
  if (tray.activity.id === "left-hand-cutting")
    return [
      {
        kind: "cutting",
        values: {
          hand: "left",
          strips: Math.min(8, quantity),
          shape: tray.rung.id === "snip" ? "snips" : "straight",
        },
      },
    ];
  if (tray.activity.id !== "cut-puzzle") return [];
  const pictures = Math.max(1, Math.min(6, Math.round(quantity / cut.of)));
  return [
    {
      kind: "cut-picture",
      values: { interest: interestFor(tray), pictures, parts: cut.parts, sideMm: cut.sideMm },
    },
  ];
}

/** What is to be printed for a tray: exactly as much as it uses, at the size of its pieces. */
export function sheetsFor(tray: SheetTray): NeededSheet[] {
  const named = tray.rung.sheet ? (BY_NAME[tray.rung.sheet]?.(tray) ?? []) : [];
  // Where the rung names its sheet, its cards are that sheet.
  const things = named.length > 0 ? [] : tray.things.flatMap((one) => forThing(one, tray));
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
