import {
  type DrawnSheet,
  drawSheet,
  PAPER_IDS,
  type Paper,
  sheetKindOf,
  sheetValues,
} from "../../core/print";
import type { Home } from "../store/home";
import {
  HOME_SHEETS,
  homeSheet,
  isHomeSheet,
  isLeft,
  makingSheet,
  type NeededHere,
  recipeSheet,
  type WorkbenchView,
} from "./workbenchView";

export type SheetValuesHere = Record<string, number | string>;

/** The sheet that is open: its kind, what its fields stand at, and what it draws; or what is wrong with its fields. */
export interface OpenSheet {
  kind: string;
  values: SheetValuesHere;
  drawn?: DrawnSheet;
  issues: { path: string; message: string }[];
}

/** The parts of an address by their names. */
type Address = Readonly<Record<string, string>>;

/** The paper that the address names; else Letter where lengths are told in inches, A4 elsewhere. */
export const paperOf = ({ paper }: Address, units: "metric" | "us"): Paper =>
  PAPER_IDS.find((one) => one === paper) ?? (units === "us" ? "letter" : "a4");

/** The fields of a kind as the address has them: numbers as numbers. */
function valuesIn(address: Address, kind: string): Record<string, unknown> {
  const fields = sheetKindOf(kind)?.fields ?? {};
  return Object.fromEntries(
    Object.entries(fields).flatMap(([name, field]) => {
      const given = address[name];
      if (given === undefined) return [];
      return [[name, field.kind === "number" ? Number(given) : given]];
    }),
  );
}

/** What the address asks for; without a word in it the first sheet that is needed and not yet made. */
export function openSheet(home: Home, view: WorkbenchView, address: Address, paper: Paper): OpenSheet {
  const first = view.needed.find(isLeft) ?? view.needed[0];
  const kind = address.kind ?? first?.kind ?? HOME_SHEETS[0];
  if (isHomeSheet(kind)) {
    const drawn = homeSheet(home, view, kind, paper);
    return { kind, values: {}, issues: [], ...(drawn ? { drawn } : {}) };
  }
  if (kind === "recipe" || kind === "making") {
    const all = kind === "recipe" ? view.recipes : view.makings;
    const material = all.find((one) => one.id === address.of) ?? all[0];
    if (!material) return { kind, values: {}, issues: [] };
    const drawn =
      kind === "recipe" ? recipeSheet(material, view, paper) : makingSheet(home, material, view, paper);
    return { kind, values: { of: material.id }, issues: [], drawn };
  }
  const known = sheetKindOf(kind);
  if (!known) return { kind, values: {}, issues: [{ path: "kind", message: "is no kind of sheet" }] };
  const given = address.kind !== undefined ? valuesIn(address, kind) : { ...first?.values };
  const read = sheetValues(known, given);
  if (!read.ok) {
    const usual = sheetValues(known, {});
    return { kind, values: usual.ok ? usual.value : {}, issues: read.issues };
  }
  return { kind, values: read.value, drawn: drawSheet(known, read.value, paper), issues: [] };
}

/** What a sheet that is needed draws. */
export function drawnOf({ kind, values }: NeededHere, paper: Paper): DrawnSheet {
  const known = sheetKindOf(kind);
  if (!known) throw new Error(`there is no kind of sheet "${kind}"`);
  return drawSheet(known, values, paper);
}
