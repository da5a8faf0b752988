import { Button, Segmented } from "antd";
import { href, Link, useNavigate } from "react-router";
import {
  cutMinutes,
  type DrawnSheet,
  type NeededSheet,
  PAPER_IDS,
  type Paper,
  SHEET_KINDS,
  sheetKey,
  sheetKindOf,
  sheetPages,
  thingOfSheet,
} from "../../core/print";
import { smallPartFit } from "../../core/safety";
import { drawnOf } from "../../engine/queries/openSheet";
import { HOME_SHEETS, isLeft } from "../../engine/queries/workbenchView";
import { Choice } from "../../ui/controls/Choice";
import { LongWork } from "../../ui/LongWork";
import { saveFile } from "../../ui/saveFile";
import { useLongWork } from "../../ui/useLongWork";
import { shortDay } from "../../words/dates";
import {
  CHECK_LINE,
  factsText,
  printOnText,
  SHEET_WORDS,
  SMALL_CARD,
  sheetName,
  warningText,
} from "../../words/sheets";
import { titled } from "../../words/titles";
import { madePdf } from "../../workers/pdfClient";
import { askFor } from "../askFor";
import type { Route } from "./+types/workbench";
import { Fields } from "./Fields";
import { MadePart } from "./MadePart";
import { Needed } from "./Needed";
import { Pages } from "./Pages";
import { sheetSearch } from "./sheetSearch";

export const meta = () => titled("Workbench");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "workbench");

type Data = Route.ComponentProps["loaderData"];

const PAPER_NAMES: Record<Paper, string> = { a4: "A4", letter: "US Letter" };

/** The name of the thing that a sheet makes for the cupboard. */
function nameOfMade({ materials, printing }: Data["view"], sheet: NeededSheet): string | undefined {
  const made = thingOfSheet(sheet, printing);
  return made && materials.get(made)?.name;
}

/** Card is about half a millimetre thick. */
const CARD_MM = 0.5;

/** Could a card of the sheet be swallowed? */
const isSmall = ({ card }: DrawnSheet): boolean =>
  card !== undefined && smallPartFit({ shape: "box", mm: [card.widthMm, card.heightMm, CARD_MM] }).fits;

const pagesOf = (drawn: DrawnSheet, kind: string, paper: Paper) =>
  sheetPages(drawn, paper, { check: CHECK_LINE, title: sheetName(kind) });

/** What is known of the sheet before it is printed. */
function Facts({ drawn, kind, mouths }: { drawn: DrawnSheet; kind: string; mouths: boolean }) {
  return (
    <>
      <p>{factsText(drawn, cutMinutes(drawn))}</p>
      <p className="quiet">{printOnText(kind, mouths)}</p>
      {drawn.warnings?.map((warning) => (
        <p className="fault" role="status" key={warning.code}>
          {warningText(warning)}
        </p>
      ))}
      {isSmall(drawn) && (
        <p className="fault" role="status">
          {SMALL_CARD}
        </p>
      )}
    </>
  );
}

interface AnySheetProps {
  data: Data;
  onKind(kind: string, values?: Record<string, string>): void;
}

/** Any sheet there is, by name; of a recipe or a making also of which thing. */
function AnySheet({ data, onKind }: AnySheetProps) {
  const { view, open } = data;
  const ofThings = { recipe: view.recipes, making: view.makings };
  const known = Object.entries(ofThings).filter(([, all]) => all.length > 0);
  const things = known.find(([kind]) => kind === open.kind)?.[1];
  const named = (kind: string) => ({ value: kind, label: sheetName(kind) });
  return (
    <>
      <Choice
        aria-label="Kind of sheet"
        value={open.kind}
        options={[
          { label: "For trays", options: SHEET_KINDS.map((one) => named(one.id)) },
          { label: "For the house", options: [...HOME_SHEETS, ...known.map(([kind]) => kind)].map(named) },
        ]}
        onChange={(kind) => onKind(kind)}
        className="fill"
      />
      {things && (
        <Choice
          aria-label="Of which thing"
          value={String(open.values.of)}
          options={things.map((one) => ({ value: one.id, label: one.name }))}
          onChange={(of) => onKind(open.kind, { of })}
          className="fill"
        />
      )}
    </>
  );
}

export default function WorkbenchPage({ loaderData }: Route.ComponentProps) {
  const { view, paper, open, preview } = loaderData;
  const navigate = useNavigate();
  const work = useLongWork<Uint8Array<ArrayBuffer>>();
  const go = (kind: string, values: Record<string, number | string>, on = paper) =>
    void navigate({ search: sheetSearch(kind, values, on) }, { replace: true, preventScrollReset: true });
  const kind = sheetKindOf(open.kind);
  const pages = open.drawn ? pagesOf(open.drawn, open.kind, paper) : [];
  const left = view.needed.filter(isLeft);
  const save = async (what: ReturnType<typeof pagesOf>, title: string, file: string) => {
    const bytes = await work.run((watched) => madePdf(what, title, watched));
    if (bytes) saveFile(file, bytes, "application/pdf");
  };
  const all = () => left.flatMap((one) => pagesOf(drawnOf(one, paper), one.kind, paper));
  return (
    <main className="main wide">
      <div className="row between at-top">
        <div>
          <h1>Workbench</h1>
          <p className="quiet">
            {view.rotation
              ? `What the shelf from ${shortDay(view.rotation.from)} needs on paper, at true size.`
              : "Sheets at true size. Accept a plan, and what it needs is listed here."}
          </p>
        </div>
        <div className="row links">
          <Segmented
            aria-label="Paper"
            value={paper}
            options={PAPER_IDS.map((one) => ({ value: one, label: PAPER_NAMES[one] }))}
            onChange={(one) => go(open.kind, open.values, one)}
          />
          {left.length > 0 && (
            <Button
              type="primary"
              disabled={work.isAtWork}
              onClick={() => void save(all(), "Sheets for this shelf", "sheets.pdf")}
            >
              All {left.length === 1 ? "that is" : `${left.length} that are`} needed, as one PDF
            </Button>
          )}
        </div>
      </div>
      <LongWork what="Making the PDF" unit="page" work={work} />
      <div className="columns">
        <div>
          <Needed needed={view.needed} open={open} paper={paper} />
          <section aria-label="Any other sheet">
            <h2>Any other sheet</h2>
            <AnySheet data={loaderData} onKind={(next, values = {}) => go(next, values)} />
            <p className="quiet">{SHEET_WORDS[open.kind]?.about}</p>
            {kind && <Fields kind={kind} values={open.values} onChange={(values) => go(open.kind, values)} />}
            {open.issues.map((issue) => (
              <p className="fault" role="alert" key={issue.path}>
                {issue.path}: {issue.message}. The usual stands here instead.
              </p>
            ))}
          </section>
        </div>
        <section aria-label={sheetName(open.kind)}>
          <h2>{sheetName(open.kind)}</h2>
          {open.drawn ? (
            <>
              <Facts drawn={open.drawn} kind={open.kind} mouths={view.mouths} />
              <p>
                <Button
                  disabled={work.isAtWork || pages.length === 0}
                  onClick={() => void save(pages, sheetName(open.kind), `${open.kind}.pdf`)}
                >
                  Save this sheet as PDF
                </Button>
              </p>
              {kind && !preview && (
                <MadePart
                  key={sheetKey(open)}
                  open={open}
                  made={view.made}
                  thingName={nameOfMade(view, open)}
                />
              )}
              <Pages key={open.kind} pages={pages} title={sheetName(open.kind)} />
            </>
          ) : (
            <p>
              It follows from a shelf: <Link to={href("/plan")}>accept a plan</Link> first.
            </p>
          )}
        </section>
      </div>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
