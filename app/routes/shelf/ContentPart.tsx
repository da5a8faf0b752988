import { Form, Input } from "antd";
import { useState } from "react";
import { href, Link } from "react-router";
import { CONTENT_LAYERS, type Filling, type Guide, type Tray } from "../../core/model";
import { fillingSheet } from "../../core/print/fillingSheet";
import type { FilledPieces, SetOut } from "../../core/setup";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ToggleButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { filledText, fillingText, LAYER_NAMES } from "../../words/fillings";

const EXAMPLES: Record<Filling["layer"], string> = {
  colour: "red and yellow",
  shape: "round ones",
  number: "4",
  letter: "T",
  word: "autumn",
};

/** What the frame is filled with for now: changed by a tap, noted with the notes. */
function FillingForm({ tray, guide }: { tray: Tray; guide?: Guide }) {
  const fill = useCommand("trays.setContent");
  const [on, setOn] = useState<string>(tray.filling?.on ?? "");
  const layers = CONTENT_LAYERS.filter((layer) => !guide || guide.fillings[layer]);
  const [layer, setLayer] = useState<Filling["layer"]>(tray.filling?.layer ?? layers[0] ?? "number");
  const how = guide?.fillings[layer];
  return (
    <Form className="row" onFinish={() => void fill.run({ tray: tray.id, layer, on })}>
      <Choice<Filling["layer"]>
        aria-label="What kind of filling"
        value={layer}
        onChange={setLayer}
        options={layers.map((value) => ({ value, label: LAYER_NAMES[value] }))}
      />
      <Input
        aria-label="Which"
        maxLength={40}
        placeholder={EXAMPLES[layer]}
        value={on}
        onChange={(event) => setOn(event.target.value)}
      />
      <ToggleButton size="small">Fill it so</ToggleButton>
      {how && <small>{how}</small>}
      <CommandFaults of={fill} />
    </Form>
  );
}

/** Pieces of one's own, one a day: those that were used or passed over do not come again. */
function PiecesForm({ tray, pieces, guide }: { tray: Tray; pieces: readonly string[]; guide?: Guide }) {
  const setPieces = useCommand("trays.setPieces");
  const [text, setText] = useState(pieces.join("\n"));
  return (
    <Form onFinish={() => void setPieces.run({ tray: tray.id, pieces: text })}>
      <Input.TextArea
        aria-label="A piece a day, one a line"
        rows={4}
        maxLength={5000}
        value={text}
        onChange={(event) => setText(event.target.value)}
        placeholder={guide && guide.inserts.length > 0 ? guide.inserts.join("\n") : "snail\nferry\nkey"}
      />
      <ToggleButton size="small">Lay one out a day</ToggleButton>
      <CommandFaults of={setPieces} />
    </Form>
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
            <Collapsible title={filling ? "Another filling" : "Fill it with something"} onDemand>
              <FillingForm key={JSON.stringify(filling)} tray={tray} guide={guide} />
            </Collapsible>
          )}
          <Collapsible title={pieces.length > 0 ? "Pieces of your own" : "A piece a day"} onDemand>
            <PiecesForm key={pieces.join()} tray={tray} pieces={pieces} guide={guide} />
          </Collapsible>
        </>
      )}
    </>
  );
}
