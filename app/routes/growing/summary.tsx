import { Button, Checkbox, Input } from "antd";
import { useState } from "react";
import { href, Link } from "react-router";
import { AREA_IDS } from "../../core/model";
import type { Paper } from "../../core/print/paper";
import { type Document, textPages } from "../../core/print/textPages";
import { CareCard } from "../../ui/CareCard";
import { Choice } from "../../ui/controls/Choice";
import { DaySpan } from "../../ui/DaySpan";
import { draftOf, keepDraft } from "../../ui/form/draft";
import { saveFile } from "../../ui/saveFile";
import { useSearchParamSetter } from "../../ui/useSearchParamSetter";
import { AREA_NAMES } from "../../words/areas";
import { dayText, plainDay } from "../../words/dates";
import {
  changeLine,
  documentMarkdown,
  entryText,
  monthsText,
  questionsIn,
  SUMMARY_PARTS,
  standingLine,
  subjectOf,
  summaryDocument,
} from "../../words/summary";
import { titled } from "../../words/titles";
import { madePdf } from "../../workers/pdfClient";
import { askFor } from "../askFor";
import type { Route } from "./+types/summary";

export const meta = () => titled("A summary");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "summary");

/** What is told, and of whom: all of it stands in the address. */
function Question({ data }: { data: Route.ComponentProps["loaderData"] }) {
  const keep = useSearchParamSetter();
  const { question } = data.summary;
  return (
    <search className="row gap no-print" aria-label="What is told">
      {data.children.length > 1 && (
        <Choice
          aria-label="Which child"
          value={question.child.id}
          options={data.children.map((one) => ({ value: one.id, label: one.name }))}
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
      <span id="summary-areas">Only these areas:</span>
      <Checkbox.Group
        aria-labelledby="summary-areas"
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

/** The days stand below each other. */
const DAY = { width: 180 };

interface LinesProps {
  title: string;
  lines: readonly string[];
  className?: string;
}

/** A part of lines, where there are any. */
const Lines = ({ title, lines, className }: LinesProps) =>
  lines.length > 0 && (
    <section aria-label={title} className={className}>
      <h2>{title}</h2>
      <ul>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  );

interface AskedProps {
  typed: string;
  onType(typed: string): void;
}

/** What the parent wants to ask: typed here, and handed over with the rest. */
const Asked = ({ typed, onType }: AskedProps) => (
  <label className="no-print">
    {SUMMARY_PARTS.questions}
    <Input.TextArea
      autoSize={{ minRows: 2, maxRows: 8 }}
      maxLength={2000}
      defaultValue={typed}
      placeholder="A question a line. It stands first in what you hand over, and stays in this browser."
      onChange={(event) => onType(event.target.value)}
    />
  </label>
);

export default function SummaryPage({ loaderData }: Route.ComponentProps) {
  const { summary, care, skillNames, paper } = loaderData;
  const { question, months, areas, changes, standing, ticks } = summary;
  const kept = `summary-questions-${question.child.id}`;
  const [asked, setAsked] = useState<{ kept: string; typed: string }>();
  const typed = asked?.kept === kept ? asked.typed : String(draftOf(kept, { typed: "" })?.typed ?? "");
  const questions = questionsIn(typed);
  const document = summaryDocument(summary, (id) => skillNames[id] ?? id, questions);
  const isEmpty = areas.length + ticks.length + changes.length + care.length === 0;
  return (
    <main className="main wide">
      <p className="no-print">
        <Link to={`${href("/growing")}?child=${question.child.id}`}>Growing</Link>
      </p>
      <div className="row between at-top">
        <div>
          <h1>{subjectOf(summary)}: what was noted</h1>
          <p className="quiet">
            From {dayText(question.from)} to {dayText(question.to)}; {monthsText(months)} on the last day
            {question.child.due ? ", corrected where that applies" : ""}. Observations by the family, no
            judgement.
          </p>
        </div>
        <div className="row links no-print">
          <Button onClick={() => window.print()}>Print</Button>
          <SavePdf document={document} paper={paper} />
          <Button onClick={() => saveFile("summary.md", documentMarkdown(document), "text/markdown")}>
            Save as text
          </Button>
        </div>
      </div>
      <Question data={loaderData} />
      <Asked
        key={kept}
        typed={typed}
        onType={(value) => {
          setAsked({ kept, typed: value });
          keepDraft(kept, { typed: value });
        }}
      />
      <Lines title={SUMMARY_PARTS.questions} lines={questions} className="print-only" />
      {care.map((note) => (
        <CareCard key={`${note.about} ${note.childName}`} note={note} />
      ))}
      {isEmpty && (
        <p className="empty-state">Nothing was noted in these days. Take an earlier day, or all areas.</p>
      )}
      {areas.map(({ area, entries }) => (
        <section key={area} aria-label={AREA_NAMES[area]}>
          <h2>{AREA_NAMES[area]}</h2>
          <ul className="bare">
            {entries.map((one) => (
              <li key={one.kind === "note" ? one.note.id : one.anecdote.id} className="row at-top">
                <span className="quiet" style={DAY}>
                  {plainDay(one.on)}, {monthsText(one.months)}
                </span>
                <span className="grow">{entryText(one)}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {ticks.length > 0 && (
        <section aria-label={SUMMARY_PARTS.ticks}>
          <h2>{SUMMARY_PARTS.ticks}</h2>
          <ul className="bare">
            {ticks.map((one) => (
              <li key={`${one.skill.id} ${one.on} ${one.seen}`} className="row at-top">
                <span className="quiet" style={DAY}>
                  {plainDay(one.on)}
                </span>
                <span className="grow">
                  {one.skill.name}, {one.seen ? "seen" : "not yet"}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Lines title={SUMMARY_PARTS.changes} lines={changes.map(changeLine)} />
      <Lines title={SUMMARY_PARTS.standing} lines={standing.map(standingLine)} />
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
