import { z } from "zod";
import { ActivityId, AreaId, ChildId, PlainDate, TrayId } from "../../core/model";
import { type JournalFilter, journalAnecdotes, journalEntries, journalRows } from "../../core/report/journal";
import { notesWithPhotos } from "../store/photos";
import { picturesPage } from "./journalPictures";
import { maybe, maybeText } from "./parameters";
import { query } from "./query";

/** The notes as a list, as charts, or by their pictures. */
export const JOURNAL_VIEWS = ["notes", "charts", "pictures"] as const;
export type JournalView = (typeof JOURNAL_VIEWS)[number];

const Parameters = z.object({
  child: maybe(ChildId),
  activity: maybe(ActivityId),
  tray: maybe(TrayId),
  area: maybe(AreaId),
  /** Words that a note must have. */
  q: maybeText,
  from: maybe(PlainDate),
  to: maybe(PlainDate),
  /** A single day. */
  on: maybe(PlainDate),
  view: z.enum(JOURNAL_VIEWS).catch("notes"),
  page: z.coerce.number().catch(1),
  /** The note that was removed last. */
  removed: maybeText,
});

const filterOf = ({
  child,
  activity,
  tray,
  area,
  q,
  from,
  to,
  on,
}: z.output<typeof Parameters>): JournalFilter => ({
  ...{ child, activity, tray, words: q, from: from ?? on, to: to ?? on },
  ...(area ? { area } : {}),
});

/** The notes that suit what the address asks for, newest first. */
export const journal = query(Parameters, async ({ db, tables, children, today, catalogue }, parameters) => {
  const activities = new Map(catalogue.activities.map((one) => [one.id, one]));
  const skills = new Map(catalogue.skills.map((one) => [one.id, one]));
  const { view, page, removed } = parameters;
  const filter = filterOf(parameters);
  const entries = journalEntries(tables.observations, activities, filter);
  const anecdotes = journalAnecdotes(tables.anecdotes, skills, activities, filter);
  const photos = await notesWithPhotos(db);
  return {
    entries,
    found: entries.length + anecdotes.length,
    rows: journalRows(entries, anecdotes),
    all: tables.observations.length + tables.anecdotes.length,
    filter,
    view,
    pictures: view === "pictures" ? await picturesPage(db, entries, photos, page) : undefined,
    removed,
    trays: tables.trays,
    children,
    photos,
    today,
  };
});
