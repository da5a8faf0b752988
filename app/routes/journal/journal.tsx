import { Button, Input, Tabs } from "antd";
import { lazy, type ReactNode, Suspense } from "react";
import { href, Link } from "react-router";
import { ActivityId, AreaId, ChildId, PlainDate, TrayId } from "../../core/model";
import { type JournalFilter, journalAnecdotes, journalEntries, journalRows } from "../../core/report/journal";
import { notesWithPhotos } from "../../engine/store/photos";
import { Choice, optionsOf } from "../../ui/controls/Choice";
import { DaySpan } from "../../ui/DaySpan";
import { RestoreNote } from "../../ui/RestoreNote";
import { saveFile } from "../../ui/saveFile";
import { useSearchParamSetter } from "../../ui/useSearchParamSetter";
import { AREA_NAMES } from "../../words/areas";
import { journalMarkdown } from "../../words/journalText";
import { titled } from "../../words/titles";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/journal";
import { JournalList } from "./JournalList";
import { picturesPage } from "./pictures";

const JournalCharts = lazy(() => import("./JournalCharts"));
const Gallery = lazy(() => import("./Gallery"));

/** The notes as a list, as charts, or by their pictures: which of them stands in the address. */
const VIEWS = { notes: "Notes", charts: "Charts", pictures: "Pictures" } as const;
type View = keyof typeof VIEWS;
const isView = (text: string | null): text is View => text !== null && Object.hasOwn(VIEWS, text);

const day = (text: string | null) => PlainDate.safeParse(text).data;

/** What the address asks to see. Anything odd counts as not asked for. */
function filterOf(search: URLSearchParams): JournalFilter {
  const text = (key: string) => search.get(key)?.trim() || undefined;
  const area = AreaId.safeParse(search.get("area"));
  const on = day(search.get("on"));
  return {
    child: ChildId.safeParse(search.get("child")).data,
    activity: ActivityId.safeParse(search.get("activity")).data,
    tray: TrayId.safeParse(search.get("tray")).data,
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
  const asked = search.get("view");
  const view: View = isView(asked) ? asked : "notes";
  const photos = await notesWithPhotos(home.db);
  const anecdotes = journalAnecdotes(tables.anecdotes, skills, activities, filter);
  return {
    entries,
    found: entries.length + anecdotes.length,
    rows: journalRows(entries, anecdotes),
    all: tables.observations.length + tables.anecdotes.length,
    filter,
    view,
    pictures:
      view === "pictures"
        ? await picturesPage(home.db, entries, photos, Number(search.get("page") ?? 1))
        : undefined,
    removed: search.get("removed"),
    trays: tables.trays,
    children,
    photos,
    today,
  };
}

/** A single day gives way to a first and a last one; what is asked for anew begins on its first page. */
function spreadDay(search: URLSearchParams, name: string) {
  search.delete("page");
  const on = search.get("on");
  if (!on || (name !== "from" && name !== "to")) return;
  search.delete("on");
  search.set("from", on);
  search.set("to", on);
}

function Filters({ data: { filter, children, view } }: { data: Route.ComponentProps["loaderData"] }) {
  const keep = useSearchParamSetter(spreadDay);
  return (
    <search className="row gap" aria-label="Which notes">
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
      <DaySpan from={filter.from} to={filter.to} keep={keep} />
      {(filter.activity || filter.tray) && (
        <Link to={`${href("/journal")}${view === "notes" ? "" : `?view=${view}`}`}>All activities</Link>
      )}
    </search>
  );
}

function Views({ view, children }: { view: View; children: ReactNode }) {
  const keep = useSearchParamSetter(spreadDay);
  return (
    <Tabs
      activeKey={view}
      onChange={(key) => keep("view", key === "notes" ? "" : key)}
      destroyOnHidden
      items={Object.entries(VIEWS).map(([key, label]) => ({
        key,
        label,
        children: key === view ? children : null,
      }))}
    />
  );
}

/** What the chosen view shows of the notes that were found. */
function Found({ data }: { data: Route.ComponentProps["loaderData"] }) {
  const { entries, found, all, view, pictures } = data;
  if ((view === "notes" ? found : entries.length) === 0)
    return (
      <p className="empty-state">
        {all === 0
          ? "Nothing is noted yet. Open a tray on the Shelf: one tap is a note."
          : "No note suits all of that. Take one of the choices back."}
      </p>
    );
  if (view === "notes") return <JournalList data={data} />;
  return (
    <Suspense fallback={<p role="status">Drawing…</p>}>
      {pictures ? (
        <Gallery shown={pictures} people={data.children} />
      ) : (
        <JournalCharts entries={entries} trays={data.trays} today={data.today} />
      )}
    </Suspense>
  );
}

export default function JournalPage({ loaderData }: Route.ComponentProps) {
  const { found, all, view, removed } = loaderData;
  return (
    <main className="main wide">
      <div className="row between at-top">
        <div>
          <h1>Journal</h1>
          <p className="quiet" role="status">
            {found === all ? `${all} notes.` : `${found} of ${all} notes.`}
          </p>
        </div>
        {found > 0 && (
          <div className="row links">
            <Button
              onClick={() =>
                saveFile("journal.md", journalMarkdown(loaderData.rows, loaderData.children), "text/markdown")
              }
            >
              Save as text
            </Button>
          </div>
        )}
      </div>
      {removed && <RestoreNote id={removed} changes={{ removed: undefined }} />}
      <Filters data={loaderData} />
      <Views view={view}>
        <Found data={loaderData} />
      </Views>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
