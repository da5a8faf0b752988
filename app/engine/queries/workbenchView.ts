import { drawnThing, fromFront, smallFront } from "../../core/draw";
import { AREA_COLOURS } from "../../core/draw/areaColours";
import { rungOfTray, setOutOn, standingRotation, thingHere, upcomingRotation } from "../../core/household";
import { materialIndex } from "../../core/materials";
import {
  addDays,
  type MadeSheet,
  type Makings,
  type Material,
  type PlainDate,
  weekdayOf,
} from "../../core/model";
import {
  type DrawnSheet,
  type NeededSheet,
  noteSlips,
  type Paper,
  type PaperTray,
  pictureSteps,
  sheetKey,
  sheetKindOf,
  sheetsFor,
  sheetValues,
  shelfPlan,
  thingOfSheet,
  trayLabels,
  weekPlan,
} from "../../core/print";
import { cutText, nearText } from "../../words/making";
import { ROUTINE_NAMES, weekdayName } from "../../words/moments";
import { SLIP_LINES } from "../../words/slips";
import type { Home } from "../store/home";

/** A sheet that this shelf needs: for which trays, and whether it lies in a drawer already. */
export interface NeededHere extends NeededSheet {
  key: string;
  trays: string[];
  /** What it makes is in the cupboard. */
  isThere: boolean;
  made?: MadeSheet;
}

/** It has still to be printed. */
export const isLeft = ({ made, isThere }: NeededHere): boolean => !made && !isThere;

/** Sheets of the home itself: they have no fields, all in them follows from the plan. */
export const HOME_SHEETS = ["tray-labels", "shelf-plan", "week", "slips"] as const;
export type HomeSheet = (typeof HOME_SHEETS)[number];
export const isHomeSheet = (kind: string): kind is HomeSheet =>
  (HOME_SHEETS as readonly string[]).includes(kind);

const DAYS = 7;

/** The rotation that is prepared next, with its trays as they are set out. */
export function workbenchView(home: Home, makings: Makings) {
  const { tables, today, catalogue, situation, children } = home;
  const site = home.site.id;
  const rotation = upcomingRotation(tables, site, today) ?? standingRotation(tables, site, today);
  const materials = materialIndex(catalogue);
  const trays = tables.trays.filter((tray) => tray.rotation === rotation?.id && tray.downOn === undefined);
  const opened = trays.flatMap((tray) => {
    const found = rungOfTray(catalogue, tray);
    const child = children.find((one) => one.id === tray.child);
    const place = tables.places.find((one) => one.id === tray.place);
    if (!found || !child) return [];
    const { activity, rung } = found;
    const things = setOutOn(tables, situation, tray);
    const paper: PaperTray = {
      name: activity.name,
      title: rung.title,
      tone: AREA_COLOURS[activity.area],
      front: smallFront(rung, things, place?.kind ?? "bay"),
    };
    return [{ tray, activity, rung, child, place, things, paper }];
  });
  const needed = new Map<string, NeededHere>();
  for (const one of opened)
    for (const asked of sheetsFor({ ...one, filling: one.tray.filling }, catalogue.printing)) {
      const thing = thingOfSheet(asked, catalogue.printing);
      // What it makes lies in the cupboard already, unless the rung asks for this very sheet.
      const isThere =
        !one.rung.sheet && one.tray.allotted.some((other) => other.material === thing && other.holding);
      const sheet = { kind: asked.kind, values: wholeValues(asked) };
      const key = sheetKey(sheet);
      const known = needed.get(key);
      if (known) known.trays.push(one.activity.name);
      else
        needed.set(key, {
          ...sheet,
          key,
          trays: [one.activity.name],
          isThere,
          ...madeBefore(tables.madeSheets, key),
        });
    }
  return {
    rotation,
    opened,
    needed: [...needed.values()],
    made: tables.madeSheets,
    printing: catalogue.printing,
    /** Things on the trays of which it is known how they are made at home. */
    makings: [...new Set(opened.flatMap((one) => one.things.map((thing) => thing.material)))].filter(
      (one) => makings[one.id],
    ),
    howMade: makings,
    recipes: [...new Set(opened.flatMap((one) => one.things.map((thing) => thing.material)))].filter(
      (one) => one.recipe,
    ),
    mouths: children.some((child) => child.mouths !== "no"),
    materials,
  };
}
export type WorkbenchView = ReturnType<typeof workbenchView>;

/** All fields of a sheet that is needed: those that follow from its tray, the rest as usual. */
function wholeValues({ kind, values }: NeededSheet): Record<string, number | string> {
  const known = sheetKindOf(kind);
  const read = known && sheetValues(known, values);
  if (!read?.ok) throw new Error(`the sheet "${kind}" can't be drawn as its tray asks`);
  return read.value;
}

const madeBefore = (made: readonly MadeSheet[], key: string): { made?: MadeSheet } => {
  const row = made.find((one) => sheetKey(one) === key);
  return row ? { made: row } : {};
};

type Opened = WorkbenchView["opened"];

/** Boards from the top to the lowest, then the places beside the shelf. */
function boardsOf(home: Home, opened: Opened) {
  const places = home.tables.places
    .filter((one) => one.site === home.site.id)
    .sort((a, b) => a.order - b.order);
  const boards = [...new Set(places.map((one) => one.board))].sort((a, b) => (a ?? 99) - (b ?? 99));
  return boards.flatMap((board) => {
    const here = places.filter((one) => one.board === board);
    // Beside the shelf a row is as wide as a board.
    const rows = board === undefined ? chunks(here, 4) : [here];
    return rows.map((row) => ({
      name: "",
      places: row.map((place) => ({
        name: place.name,
        trays: opened.filter((one) => one.place?.id === place.id).map((one) => one.paper),
      })),
    }));
  });
}

const chunks = <T>(all: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(all.length / size) }, (_, i) => all.slice(i * size, (i + 1) * size));

/** What is on, on each day of the rotation's first week: by moment first, then what stands all week. */
function daysOf(home: Home, opened: Opened, from: PlainDate) {
  return Array.from({ length: DAYS }, (_, i) => {
    const on = addDays(from, i);
    const invited = opened.filter((one) => one.tray.when?.days.includes(on));
    const moments = home.tables.moments
      .filter((moment) => invited.some((one) => one.tray.when?.moment === moment.id))
      .sort((a, b) => (a.at < b.at ? -1 : 1));
    return {
      name: weekdayName(weekdayOf(on), "long"),
      lines: [
        ...moments.map((moment) => {
          const names = invited
            .filter((one) => one.tray.when?.moment === moment.id)
            .map((one) => one.activity.name);
          return `${ROUTINE_NAMES[moment.routine]}, ${moment.at}: ${names.join(", ")}`;
        }),
        ...(moments.length === 0 ? ["What stands on the shelf"] : []),
      ],
    };
  });
}

/** A sheet of the home, drawn; undefined where there is no rotation to draw. */
export function homeSheet(
  home: Home,
  view: WorkbenchView,
  kind: HomeSheet,
  paper: Paper,
): DrawnSheet | undefined {
  const trays = view.opened.map((one) => one.paper);
  if (!view.rotation || trays.length === 0) return undefined;
  switch (kind) {
    case "tray-labels":
      return trayLabels(trays, paper);
    case "shelf-plan":
      return shelfPlan(boardsOf(home, view.opened), paper);
    case "week":
      return weekPlan(daysOf(home, view.opened, view.rotation.from), paper);
    case "slips":
      return noteSlips(trays, SLIP_LINES, paper);
  }
}

/** A thing of the catalogue as it stands, to be named beside. */
function portrait(thing: Material) {
  const drawn = drawnThing(thing);
  const { marks, heightMm } = fromFront(drawn);
  return { widthMm: drawn.widthMm, heightMm, lineMm: 1, marks };
}

/** How a thing is made at home: what is made and for what it is cut, then the steps, then what it has to stand. */
export function makingSheet(home: Home, material: Material, view: WorkbenchView, paper: Paper): DrawnSheet {
  const making = view.howMade[material.id];
  if (!making) throw new Error(`it is not known how "${material.id}" is made`);
  const { units } = home.household;
  const cuts = making.cuts.flatMap((cut) => {
    const piece = thingHere(home.situation, cut.for);
    const text = cutText(cut, piece, units);
    return text && piece ? [{ text, front: portrait(piece) }] : [];
  });
  const steps = [
    `From ${making.from}. Tools: ${making.tools}. ${nearText(making)}`,
    ...making.steps,
    making.test,
  ];
  return pictureSteps(
    material.name,
    [{ text: material.name, front: portrait(material) }, ...cuts],
    steps,
    paper,
  );
}

/** A thing's recipe in pictures; a part that is a thing of the catalogue has its picture. */
export function recipeSheet(material: Material, view: WorkbenchView, paper: Paper): DrawnSheet {
  const all = [...view.materials.values()];
  const { recipe } = material;
  const parts = (recipe?.parts ?? []).map(({ name, quantity, unit }) => {
    const thing = all.find((one) => one.name === name || one.also.includes(name));
    return {
      text: `${quantity} ${unit === "piece" ? "×" : unit} ${name}`,
      ...(thing ? { front: portrait(thing) } : {}),
    };
  });
  const steps = (recipe?.how ?? "").split(/(?<=[.;])\s+/).filter((one) => one !== "");
  return pictureSteps(material.name, parts, steps, paper);
}
