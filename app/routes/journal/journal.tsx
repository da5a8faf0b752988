import { Input, Tabs } from "antd";
import { lazy, type ReactNode, Suspense } from "react";
import { href, Link } from "react-router";
import { AreaId, PlainDate } from "../../core/model";
import { type JournalFilter, journalAnecdotes, journalEntries, journalRows } from "../../core/report/journal";
import { notesWithPhotos } from "../../data/photos";
import { actionResult } from "../../ui/actionResult";
import { Choice, optionsOf } from "../../ui/controls/Choice";
import { RestoreNote } from "../../ui/RestoreNote";
import { useKept } from "../../ui/useKept";
import { AREA_NAMES } from "../../words/areas";
import { titled } from "../../words/titles";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/journal";
import { changeJournal } from "./actions";
import { JournalList } from "./JournalList";

const JournalCharts = lazy(() => import("./JournalCharts"));

const day = (text: string | null) => PlainDate.safeParse(text).data;

/** What the address asks to see. Anything odd counts as not asked for. */
function filterOf(search: URLSearchParams): JournalFilter {
  const text = (key: string) => search.get(key)?.trim() || undefined;
  const area = AreaId.safeParse(search.get("area"));
  const on = day(search.get("on"));
  return {
    child: text("child"),
    activity: text("activity"),
    tray: text("tray"),
    words: text("q"),
    ...(area.success ? { area: area.data } : {}),
    from: day(search.get("from")) ?? on,
    to: day(search.get("to")) ?? on,
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
  const skills = new Map(catalogue.skills.map((one) => [one.id, one]));
  const anecdotes = journalAnecdotes(tables.anecdotes, skills, activities, filter);
  return {
    entries,
    found: entries.length + anecdotes.length,
    rows: journalRows(entries, anecdotes),
    all: tables.observations.length + tables.anecdotes.length,
    filter,
    charts: search.get("view") === "charts",
    removed: search.get("removed"),
    trays: tables.trays,
    children,
    photos: await notesWithPhotos(home.db),
    today,
  };
}

export const clientAction = async (args: Route.ClientActionArgs) => actionResult(await changeJournal(args));

/** A single day gives way to a first and a last one. */
function spreadDay(search: URLSearchParams, name: string) {
  const on = search.get("on");
  if (!on || (name !== "from" && name !== "to")) return;
  search.delete("on");
  search.set("from", on);
  search.set("to", on);
}

function Filters({ data: { filter, children, charts } }: { data: Route.ComponentProps["loaderData"] }) {
  const keep = useKept(spreadDay);
  return (
    <search className="journal-filters" aria-label="Which notes">
      {children.length > 1 && (
        <Choice
          value={filter.child ?? ""}
          aria-label="Which child"
          options={[
            { value: "", label: "everybody" },
            ...children.map((child) => ({ value: child.id, label: child.name })),
          ]}
          onChange={(child) => keep("child", child)}
        />
      )}
      <Choice
        value={filter.area ?? ""}
        aria-label="Which area"
        options={[{ value: "", label: "all areas" }, ...optionsOf<string>(AREA_NAMES)]}
        onChange={(area) => keep("area", area)}
      />
      <Input
        type="search"
        defaultValue={filter.words}
        placeholder="A word in a note"
        aria-label="A word in a note"
        onChange={(event) => keep("q", event.target.value)}
      />
      <label>
        from{" "}
        <Input
          type="date"
          value={filter.from ?? ""}
          max={filter.to}
          onChange={(event) => keep("from", event.target.value)}
        />
      </label>
      <label>
        until{" "}
        <Input
          type="date"
          value={filter.to ?? ""}
          min={filter.from}
          onChange={(event) => keep("to", event.target.value)}
        />
      </label>
      {(filter.activity || filter.tray) && (
        <Link to={`${href("/journal")}${charts ? "?view=charts" : ""}`}>All activities</Link>
      )}
    </search>
  );
}

/** The notes as a list, or as charts: which of them stands in the address. */
function Views({ charts, children }: { charts: boolean; children: ReactNode }) {
  const keep = useKept(spreadDay);
  return (
    <Tabs
      activeKey={charts ? "charts" : "notes"}
      onChange={(key) => keep("view", key === "charts" ? key : "")}
      destroyOnHidden
      items={[
        { key: "notes", label: "Notes", children: charts ? null : children },
        { key: "charts", label: "Charts", children: charts ? children : null },
      ]}
    />
  );
}

export default function JournalPage({ loaderData }: Route.ComponentProps) {
  const { entries, found, all, charts, removed } = loaderData;
  return (
    <main className="main wide">
      <h1>Journal</h1>
      <p className="quiet" role="status">
        {found === all ? `${all} notes.` : `${found} of ${all} notes.`}
      </p>
      {removed && <RestoreNote id={removed} />}
      <Filters data={loaderData} />
      <Views charts={charts}>
        {(charts ? entries.length : found) === 0 ? (
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
      </Views>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
