import { z } from "zod";
import { AreaId, addDays, ChildId, PlainDate } from "../../core/model";
import { summaryOf } from "../../core/report/summary";
import { careNotes } from "./careNotes";
import { maybe, several } from "./parameters";
import { query } from "./query";

/** So many days are told at first: three months. */
const DAYS = 91;

const Parameters = z.object({
  child: maybe(ChildId),
  from: maybe(PlainDate),
  to: maybe(PlainDate),
  area: several(AreaId),
  /** The child is named, unless the address says no. */
  names: maybe(z.literal("no")),
});

/** A summary for somebody else; undefined where there is no child. */
export const summary = query(Parameters, (home, { child: wanted, area: areas, names, ...span }) => {
  const { catalogue, tables, today, children, household } = home;
  const child = children.find((one) => one.id === wanted) ?? children[0];
  if (!child) return undefined;
  const to = span.to ?? today;
  const from = span.from ?? addDays(to, -DAYS);
  const named = names !== "no";
  const told = summaryOf(catalogue, tables, { child, from, to, areas, named });
  return {
    summary: told,
    children,
    care: careNotes(told.care, catalogue, named ? children : [{ ...child, name: "The child" }]),
    skillNames: Object.fromEntries(catalogue.skills.map((one) => [one.id, one.name])) as Record<
      string,
      string
    >,
    paper: household.units === "us" ? ("letter" as const) : ("a4" as const),
  };
});
