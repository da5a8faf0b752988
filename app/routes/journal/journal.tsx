import { Input } from "antd";
import { lazy, Suspense } from "react";
import { Form, href, Link, useSearchParams, useSubmit } from "react-router";
import { AreaId, PlainDate } from "../../core/model";
import { type JournalFilter, journalEntries, journalRows } from "../../core/report/journal";
import { notesWithPhotos } from "../../data/photos";
import { actionResult } from "../../ui/actionResult";
import { Choice } from "../../ui/controls/Choice";
import { Hidden } from "../../ui/controls/Hidden";
import { RestoreNote } from "../../ui/RestoreNote";
import { AREA_NAMES } from "../../words/areas";
import { titled } from "../../words/titles";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/journal";
import { changeJournal } from "./actions";
import { JournalList } from "./JournalList";

const JournalCharts = lazy(() => import("./JournalCharts"));

/** What the address asks to see. Anything odd counts as not asked for. */
function filterOf(search: URLSearchParams): JournalFilter {
  const text = (key: string) => search.get(key)?.trim() || undefined;
  const area = AreaId.safeParse(search.get("area"));
  const on = PlainDate.safeParse(search.get("on"));
  return {
    child: text("child"),
    activity: text("activity"),
    tray: text("tray"),
    words: text("q"),
    ...(area.success ? { area: area.data } : {}),
    ...(on.success ? { on: on.data } : {}),
  };
}

export const meta = () => titled("Journal");

export async function clientLoader({ request, context }: Route.ClientLoaderArgs) {
  const home = await homeOf(context);
  const { tables, children, today } = home;
  const catalogue = home.catalogue;
  const search = new URL(request.url).searchParams;
  const activities = new Map(catalogue.activities.map((one) => [one.id, one]));
  const filter = filterOf(search);
  const entries = journalEntries(tables.observations, activities, filter);
  return {
    entries,
    rows: journalRows(entries),
    all: tables.observations.length,
    filter,
    charts: search.get("view") === "charts",
    trays: tables.trays,
    children,
    photos: await notesWithPhotos(home.db),
    today,
  };
}

export const clientAction = async (args: Route.ClientActionArgs) => actionResult(await changeJournal(args));

function Filters({ data }: { data: Route.ComponentProps["loaderData"] }) {
  const submit = useSubmit();
  const { filter, children, charts } = data;
  return (
    <Form
      className="journal-filters"
      aria-label="Which notes"
      onChange={(event) => void submit(event.currentTarget, { replace: true })}
      key={`${filter.activity} ${filter.tray} ${filter.on}`}
    >
      {charts && <Hidden name="view" value="charts" />}
      {filter.activity && <Hidden name="activity" value={filter.activity} />}
      {filter.tray && <Hidden name="tray" value={filter.tray} />}
      {children.length > 1 && (
        <Choice
          sends
          name="child"
          defaultValue={filter.child ?? ""}
          aria-label="Which child"
          options={[
            { value: "", label: "everybody" },
            ...children.map((child) => ({ value: child.id, label: child.name })),
          ]}
        />
      )}
      <Choice
        sends
        name="area"
        defaultValue={filter.area ?? ""}
        aria-label="Which area"
        options={[
          { value: "", label: "all areas" },
          ...Object.entries(AREA_NAMES).map(([id, name]) => ({ value: id, label: name })),
        ]}
      />
      <Input
        type="search"
        name="q"
        defaultValue={filter.words}
        placeholder="A word in a note"
        aria-label="A word in a note"
      />
      <Input type="date" name="on" defaultValue={filter.on} aria-label="On one day" />
      {(filter.activity || filter.tray) && (
        <Link to={`${href("/journal")}${charts ? "?view=charts" : ""}`}>All activities</Link>
      )}
    </Form>
  );
}

export default function JournalPage({ loaderData }: Route.ComponentProps) {
  const { entries, all, charts } = loaderData;
  const [search] = useSearchParams();
  const removed = search.get("removed");
  const other = new URLSearchParams(search);
  if (charts) other.delete("view");
  else other.set("view", "charts");
  return (
    <main className="main wide">
      <div className="head">
        <div>
          <h1>Journal</h1>
          <p className="quiet" role="status">
            {entries.length === all ? `${all} notes.` : `${entries.length} of ${all} notes.`}
          </p>
        </div>
        <Link to={`${href("/journal")}?${other}`}>{charts ? "The notes" : "As charts"}</Link>
      </div>
      {removed && <RestoreNote id={removed} />}
      <Filters data={loaderData} />
      {entries.length === 0 ? (
        <p className="empty-state">
          {all === 0
            ? "Nothing is noted yet. Open a tray on the Shelf: one tap is a note."
            : "No note suits all of that. Take one of the choices back."}
        </p>
      ) : charts ? (
        <Suspense fallback={<p role="status">Drawing…</p>}>
          <JournalCharts entries={entries} trays={loaderData.trays} today={loaderData.today} />
        </Suspense>
      ) : (
        <JournalList data={loaderData} />
      )}
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
