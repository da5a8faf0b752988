import type { Clash } from "../core/merge";
import { fieldName, valueText } from "./fields";
import { type NamesById, rowText } from "./merge";

/** A row that two devices have changed, for a person to decide. */
export interface ClashText {
  /** "note, Discs in a slot, Tove, 1 May" */
  title: string;
  /** For each field what stands and what the other device had said; none where one device took it away. */
  fields: { name: string; stands: string; other: string }[];
  /** Where one device took it away. */
  deleted?: string;
  /** On the button that takes the other word. */
  take: string;
}

const GONE = {
  deleted: "Taken away on one device, changed on the other before. It is gone.",
  take: "Put it back",
};
const KEPT = {
  deleted: "Taken away on one device, changed on the other after. It stays.",
  take: "Take it away",
};

export function clashText({ table, now, stands, other }: Clash, names: NamesById): ClashText {
  const title = rowText(table, now, names);
  if ("deletedAt" in stands) return { title, fields: [], ...(stands.deletedAt ? GONE : KEPT) };
  const nameOf = (id: string) => names.get(id);
  const fields = [...new Set([...Object.keys(stands), ...Object.keys(other)])].map((field) => ({
    name: fieldName(field),
    stands: valueText(field, stands[field], nameOf),
    other: valueText(field, other[field], nameOf),
  }));
  return {
    title,
    take: "Take the other",
    // What is changed together is told where it differs.
    fields: fields.filter((one) => one.stands !== one.other),
  };
}
