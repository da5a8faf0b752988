import { Button, Input, Tabs } from "antd";
import { lazy, type ReactNode, Suspense } from "react";
import { href, Link } from "react-router";
import type { JournalView } from "../../engine/queries/journal";
import { Choice, optionsOf } from "../../ui/controls/Choice";
import { DaySpan } from "../../ui/DaySpan";
import { RestoreNote } from "../../ui/RestoreNote";
import { saveFile } from "../../ui/saveFile";
import { useSearchParamSetter } from "../../ui/useSearchParamSetter";
import { AREA_NAMES } from "../../words/areas";
import { journalMarkdown } from "../../words/journalText";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/journal";
import { JournalList } from "./JournalList";

const JournalCharts = lazy(() => import("./JournalCharts"));
const Gallery = lazy(() => import("./Gallery"));

/** The notes as a list, as charts, or by their pictures: which of them stands in the address. */
const VIEWS: Record<JournalView, string> = { notes: "Notes", charts: "Charts", pictures: "Pictures" };

export const meta = () => titled("Journal");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "journal");

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

function Views({ view, children }: { view: JournalView; children: ReactNode }) {
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
