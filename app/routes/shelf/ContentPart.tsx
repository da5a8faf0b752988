import { Input } from "antd";
import { useState } from "react";
import { href, Link, useFetcher } from "react-router";
import { CONTENT_LAYERS, type Filling, type Guide, type Issue, type Tray } from "../../core/model";
import { fillingSheet } from "../../core/print/fillingSheet";
import type { FilledPieces, SetOut } from "../../core/setup";
import { Chip } from "../../ui/controls/Act";
import { Choice } from "../../ui/controls/Choice";
import { Fold } from "../../ui/controls/Fold";
import { Send } from "../../ui/Send";
import { filledText, fillingText, LAYER_NAMES } from "../../words/fillings";

const ACTION = `${href("/")}?index`;
type Answer = { issues: Issue[] };

const EXAMPLES: Record<Filling["layer"], string> = {
  colour: "red and yellow",
  shape: "round ones",
  number: "4",
  letter: "T",
  word: "autumn",
};

const Faults = ({ issues = [] }: { issues?: readonly Issue[] }) =>
  issues.map((issue) => (
    <p className="fault" role="alert" key={issue.path}>
      {issue.message}
    </p>
  ));

/** What the frame is filled with for now: changed by a tap, noted with the notes. */
function FillingForm({ tray, guide }: { tray: Tray; guide?: Guide }) {
  const fetcher = useFetcher<Answer>();
  const layers = CONTENT_LAYERS.filter((layer) => !guide || guide.fillings[layer]);
  const [layer, setLayer] = useState<Filling["layer"]>(tray.filling?.layer ?? layers[0] ?? "number");
  const how = guide?.fillings[layer];
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "filling", tray: tray.id, layer }}
      action={ACTION}
      className="row"
    >
      <Choice<Filling["layer"]>
        aria-label="What kind of filling"
        value={layer}
        onChange={setLayer}
        options={layers.map((value) => ({ value, label: LAYER_NAMES[value] }))}
      />
      <Input
        name="on"
        aria-label="Which"
        maxLength={40}
        placeholder={EXAMPLES[layer]}
        defaultValue={tray.filling?.on}
      />
      <Chip size="small">Fill it so</Chip>
      {how && <small>{how}</small>}
      <Faults issues={fetcher.data?.issues} />
    </Send>
  );
}

/** Pieces of one's own, one a day: those that were used or passed over do not come again. */
function PiecesForm({ tray, pieces, guide }: { tray: Tray; pieces: readonly string[]; guide?: Guide }) {
  const fetcher = useFetcher<Answer>();
  return (
    <Send fetcher={fetcher} values={{ intent: "piece-list", tray: tray.id }} action={ACTION}>
      <Input.TextArea
        name="pieces"
        aria-label="A piece a day, one a line"
        rows={4}
        maxLength={5000}
        defaultValue={pieces.join("\n")}
        placeholder={guide && guide.inserts.length > 0 ? guide.inserts.join("\n") : "snail\nferry\nkey"}
      />
      <Chip size="small">Lay one out a day</Chip>
      <Faults issues={fetcher.data?.issues} />
    </Send>
  );
}

interface ContentPartProps {
  tray: Tray;
  guide?: Guide;
  /** How many pieces lie out for the number that it is filled with. */
  filled: FilledPieces | undefined;
  /** What is on the tray. */
  things: readonly SetOut[];
  /** The pieces of one's own. */
  pieces: readonly string[];
  preview: boolean;
}

/** What is on the frame of a tray: its filling, and pieces of one's own. */
export function ContentPart({ tray, guide, filled, things, pieces, preview }: ContentPartProps) {
  const { filling } = tray;
  const how = filling && guide?.fillings[filling.layer];
  const needed = filling && fillingSheet(filling, things);
  const sheet =
    needed &&
    new URLSearchParams({
      kind: needed.kind,
      ...Object.fromEntries(Object.entries(needed.values).map(([name, value]) => [name, String(value)])),
    }).toString();
  const canFill = !guide || CONTENT_LAYERS.some((layer) => guide.fillings[layer]);
  return (
    <>
      {filling && (
        <p>
          <strong>
            Filled with {fillingText(filling)}
            {how ? ":" : "."}
          </strong>{" "}
          {how && `${how}. `}
          {filled && `${filledText(filling, filled)}.`}
          {sheet && (
            <>
              {" "}
              <Link to={`${href("/workbench")}?${sheet}`}>Print {fillingText(filling)}</Link>
            </>
          )}
        </p>
      )}
      {!preview && (
        <>
          {canFill && (
            <Fold title={filling ? "Another filling" : "Fill it with something"} onDemand>
              <FillingForm key={JSON.stringify(filling)} tray={tray} guide={guide} />
            </Fold>
          )}
          <Fold title={pieces.length > 0 ? "Pieces of your own" : "A piece a day"} onDemand>
            <PiecesForm key={pieces.join()} tray={tray} pieces={pieces} guide={guide} />
          </Fold>
        </>
      )}
    </>
  );
}
