import { Button, Checkbox } from "antd";
import { useState } from "react";
import { href, Link } from "react-router";
import { z } from "zod";
import { AREA_IDS, AreaId, addDays, PlainDate } from "../../core/model";
import type { Paper } from "../../core/print/paper";
import { type Document, textPages } from "../../core/print/textPages";
import { summaryOf } from "../../core/report/summary";
import { CareCard, careNotes } from "../../ui/CareCard";
import { Choice } from "../../ui/controls/Choice";
import { DaySpan } from "../../ui/DaySpan";
import { saveFile } from "../../ui/saveFile";
import { useKept } from "../../ui/useKept";
import { AREA_NAMES } from "../../words/areas";
import { dayText, plainDay } from "../../words/dates";
import {
  changeLine,
  documentMarkdown,
  entryText,
  monthsText,
  subjectOf,
  summaryDocument,
} from "../../words/summary";
import { titled } from "../../words/titles";
import { madePdf } from "../../workers/pdfClient";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/summary";

/** So many days are told at first: three months. */
const DAYS = 91;

export const meta = () => titled("A summary");

const Day = PlainDate.optional().catch(undefined);
const Areas = z.array(AreaId).catch([]);

export async function clientLoader({ request, context }: Route.ClientLoaderArgs) {
  const home = await homeOf(context);
  const { catalogue, tables, today, children } = home;
  const search = new URL(request.url).searchParams;
  const child = children.find((one) => one.id === search.get("child")) ?? children[0];
  if (!child) throw new Response("No child", { status: 404 });
  const to = Day.parse(search.get("to") ?? undefined) ?? today;
  const from = Day.parse(search.get("from") ?? undefined) ?? addDays(to, -DAYS);
  const areas = Areas.parse(search.getAll("area"));
  const named = search.get("names") !== "no";
  const summary = summaryOf(catalogue, tables, { child, from, to, areas, named });
  const names = new Map<string, string>(catalogue.skills.map((one) => [one.id, one.name]));
  return {
    summary,
    children,
    care: careNotes(summary.care, catalogue, named ? children : [{ ...child, name: "The child" }]),
    document: summaryDocument(summary, (id) => names.get(id) ?? id),
    paper: home.household.units === "us" ? ("letter" as const) : ("a4" as const),
  };
}

/** What is told, and of whom: all of it stands in the address. */
function Question({ data }: { data: Route.ComponentProps["loaderData"] }) {
  const keep = useKept();
  const { question } = data.summary;
  return (
    <search className="journal-filters no-print" aria-label="What is told">
      {data.children.length > 1 && (
        <Choice
          aria-label="Which child"
          value={question.child.id as string}
          options={data.children.map((one) => ({ value: one.id as string, label: one.name }))}
          onChange={(child) => keep("child", child)}
        />
      )}
      <DaySpan from={question.from} to={question.to} keep={keep} />
      <Checkbox
        defaultChecked={question.named}
        onChange={(event) => keep("names", event.target.checked ? "" : "no")}
      >
        with the name
      </Checkbox>
      <Checkbox.Group
        aria-label="Areas"
        defaultValue={[...question.areas]}
        onChange={(areas) => keep("area", areas as string[])}
        options={AREA_IDS.map((area) => ({ value: area, label: AREA_NAMES[area] }))}
      />
    </search>
  );
}

interface SavePdfProps {
  document: Document;
  paper: Paper;
}

/** The same as a PDF: its pages are set here, and written in a worker. */
function SavePdf({ document, paper }: SavePdfProps) {
  const [state, say] = useState<"ready" | "busy" | "failed">("ready");
  const save = async () => {
    say("busy");
    try {
      const pages = textPages(document, paper, (page, of) => `${document.title} · ${page} of ${of}`);
      saveFile("summary.pdf", await madePdf(pages, document.title, {}), "application/pdf");
      say("ready");
    } catch {
      say("failed");
    }
  };
  return (
    <>
      <Button loading={state === "busy"} onClick={() => void save()}>
        Save as PDF
      </Button>
      {state === "failed" && <span role="alert">The PDF could not be made. Print the page instead.</span>}
    </>
  );
}

export default function SummaryPage({ loaderData }: Route.ComponentProps) {
  const { summary, care, document, paper } = loaderData;
  const { question, months, areas, changes, ticks } = summary;
  const isEmpty = areas.length + ticks.length + changes.length + care.length === 0;
  return (
    <main className="main wide summary">
      <p className="no-print">
        <Link to={`${href("/growing")}?child=${question.child.id}`}>Growing</Link>
      </p>
      <div className="head">
        <div>
          <h1>{subjectOf(summary)}: what was noted</h1>
          <p className="quiet">
            From {dayText(question.from)} to {dayText(question.to)}; {monthsText(months)} on the last day
            {question.child.due ? ", corrected where that applies" : ""}. Observations by the family, no
            judgement.
          </p>
        </div>
        <div className="head-links no-print">
          <Button onClick={() => window.print()}>Print</Button>
          <SavePdf document={document} paper={paper} />
          <Button onClick={() => saveFile("summary.md", documentMarkdown(document), "text/markdown")}>
            Save as text
          </Button>
        </div>
      </div>
      <Question data={loaderData} />
      {care.map((note) => (
        <CareCard key={`${note.about} ${note.childName}`} note={note} />
      ))}
      {isEmpty && (
        <p className="empty-state">Nothing was noted in these days. Take an earlier day, or all areas.</p>
      )}
      {areas.map(({ area, entries }) => (
        <section key={area} aria-label={AREA_NAMES[area]}>
          <h2>{AREA_NAMES[area]}</h2>
          <ul className="summary-list">
            {entries.map((one) => (
              <li key={one.kind === "note" ? one.note.id : one.anecdote.id}>
                <span className="quiet">
                  {plainDay(one.on)}, {monthsText(one.months)}
                </span>
                <span>{entryText(one)}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {ticks.length > 0 && (
        <section aria-label="Seen, or not yet">
          <h2>Seen, or not yet</h2>
          <ul className="summary-list">
            {ticks.map((one) => (
              <li key={`${one.skill.id} ${one.on} ${one.seen}`}>
                <span className="quiet">{plainDay(one.on)}</span>
                <span>
                  {one.skill.name}, {one.seen ? "seen" : "not yet"}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {changes.length > 0 && (
        <section aria-label="What was changed">
          <h2>What was changed</h2>
          <ul>
            {changes.map((one) => (
              <li key={one.decision.id}>{changeLine(one)}</li>
            ))}
          </ul>
        </section>
      )}
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
