import { Alert, Button, Checkbox } from "antd";
import { useState } from "react";
import type { PackView, Taken } from "../../engine/commands/packs";
import { type RunningCommand, useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { Collapsible } from "../../ui/controls/Collapsible";
import { FileField } from "../../ui/controls/FileField";
import { FileFaults } from "../../ui/FileFaults";
import { saveFile } from "../../ui/saveFile";
import { countText } from "../../words/numbers";
import { askAtTap } from "../askFor";

/** So many names of a kind are listed. */
const SHOWN_NAMES = 12;

const namesIn = (names: readonly string[]) =>
  names.length > SHOWN_NAMES
    ? `${names.slice(0, SHOWN_NAMES).join(", ")} and ${names.length - SHOWN_NAMES} more`
    : names.join(", ");

/** What in a pack reads like something dangerous. */
const Dangers = ({ dangers }: Pick<PackView, "dangers">) => (
  <Alert
    type="error"
    title="Some of it reads like dangerous things, and is judged so"
    description={
      <ul>
        {dangers.map(({ in: name, danger }) => (
          <li key={`${name} ${danger.id}`}>
            <strong>
              {name}: {danger.name}.
            </strong>{" "}
            {danger.why} Instead: {danger.instead}.
          </li>
        ))}
      </ul>
    }
  />
);

/** What a pack would bring, before anything happens. */
function View({ view, file, take }: { view: PackView; file: string; take: RunningCommand<"packs.take"> }) {
  const [isReplacing, setReplacing] = useState(false);
  const { fresh, changed, same, builtIn, pictures, refused, dangers } = view;
  return (
    <>
      <ul role="status">
        <li>{fresh.length === 0 ? "Nothing in it is new." : `New: ${namesIn(fresh)}.`}</li>
        {changed.length > 0 && <li>Otherwise than ours: {namesIn(changed)}.</li>}
        {pictures > 0 && <li>With {countText(pictures, "picture")} of how it looks.</li>}
        {same > 0 && <li>The same as ours: {same}.</li>}
        {builtIn.length > 0 && <li>Built in, and stays as it is: {namesIn(builtIn)}.</li>}
        {refused.map(({ name, danger }) => (
          <li key={name}>
            Not taken: {name}, for it speaks of {danger.name}. {danger.why}
          </li>
        ))}
      </ul>
      {dangers.length > 0 && <Dangers dangers={dangers} />}
      {changed.length > 0 && (
        <p>
          <Checkbox checked={isReplacing} onChange={(event) => setReplacing(event.target.checked)}>
            Take what is otherwise in the file in place of ours
          </Checkbox>
        </p>
      )}
      {fresh.length + changed.length + pictures > 0 && (
        <Button
          type="primary"
          loading={take.isBusy}
          onClick={() => void take.run({ file, replace: isReplacing ? "yes" : undefined })}
        >
          Take them
        </Button>
      )}
    </>
  );
}

const countIn = (rows: Readonly<Record<string, readonly unknown[]>>) =>
  Object.values(rows).reduce((sum, list) => sum + list.length, 0);

/** What came of a pack, with a way back. */
function Done({ taken, onBack }: { taken: Taken; onBack(taken: Taken): Promise<void> }) {
  const [came, replaced] = [countIn(taken.came), countIn(taken.before)];
  return (
    <p role="status">
      {came === 0 && replaced === 0
        ? "Nothing was taken."
        : `Taken: ${came} new${replaced > 0 ? `, ${replaced} in place of ours` : ""}. `}
      {came + replaced > 0 && <InlineButton onClick={() => void onBack(taken)}>Take it back</InlineButton>}
    </p>
  );
}

interface OwnRowsProps {
  title: string;
  table: "ownSkills" | "ownThemes";
  rows: readonly { id: string; name: string }[];
}

/** Skills or themes of our own, each to be taken away and put back. */
function OwnRows({ title, table, rows }: OwnRowsProps) {
  const removeRow = useCommand("packs.removeRow");
  const restoreRow = useCommand("packs.restoreRow");
  const removed = rows.some(({ id }) => id === removeRow.answer?.row) ? undefined : removeRow.answer;
  return (
    <>
      {rows.length > 0 && (
        <>
          <h3>{title}</h3>
          <ul className="bare">
            {rows.map(({ id, name }) => (
              <li key={id}>
                {name}{" "}
                <InlineButton
                  aria-label={`Remove ${name}`}
                  onClick={() => void removeRow.run({ table, row: id })}
                >
                  Remove
                </InlineButton>
              </li>
            ))}
          </ul>
        </>
      )}
      {removeRow.issues.length > 0 && <FileFaults issues={removeRow.issues} />}
      {removed && (
        <p className="flat">
          <span role="status">Removed.</span>{" "}
          <InlineButton onClick={() => void restoreRow.run(removed)}>Undo</InlineButton>
        </p>
      )}
    </>
  );
}

interface PackPartProps {
  ownSkills: OwnRowsProps["rows"];
  ownThemes: OwnRowsProps["rows"];
  /** How many activities are our own. */
  ownCount: number;
}

/** A pack of others: looked at before it is taken, and taken back. */
function TakePack() {
  const look = useCommand("packs.look");
  const take = useCommand("packs.take");
  const takeBack = useCommand("packs.takeBack");
  const [file, setFile] = useState("");
  /** The text that was looked at: another file may be chosen by now. */
  const [lookedAt, setLookedAt] = useState("");
  const [backFrom, setBackFrom] = useState<unknown>();
  const taken = take.answer;
  const isTakenBack = taken !== undefined && backFrom === taken;
  const lookAt = () => {
    setLookedAt(file);
    void look.run({ file });
  };
  const back = async (all: Taken) => {
    if ((await takeBack.run(all)) !== undefined) setBackFrom(all);
  };
  return (
    <>
      <div className="row">
        <FileField
          label="A pack file"
          name="file"
          accept=".json,application/json"
          onFile={(chosen) => void chosen.text().then(setFile)}
        />
        <Button loading={look.isBusy} onClick={lookAt}>
          Look at it
        </Button>
      </div>
      {look.answer && <View view={look.answer} file={lookedAt} take={take} />}
      <p className="quiet">
        Activities, things, skills, themes and pictures that others have made. Every plan judges them by the
        same safety rules as the built-in ones.
      </p>
      {[look, take, takeBack].map(
        ({ issues }, i) =>
          // biome-ignore lint/suspicious/noArrayIndexKey: the three commands never change their order
          issues.length > 0 && <FileFaults key={i} issues={issues} />,
      )}
      {taken && !isTakenBack && <Done taken={taken} onBack={back} />}
      {isTakenBack && <p role="status">It is as it was before.</p>}
    </>
  );
}

/** Saves our own activities, things, skills and themes as a file. */
async function savePack() {
  const pack = await askAtTap("ownPack");
  if (pack !== undefined) saveFile("orto-pack.json", pack, "application/json");
}

/** Packs of others, and our own as a file for somebody else. */
export function PackPart({ ownCount, ownSkills, ownThemes }: PackPartProps) {
  return (
    <Collapsible title="Activities from a file">
      <TakePack />
      <OwnRows title="Skills of our own" table="ownSkills" rows={ownSkills} />
      <OwnRows title="Themes of our own" table="ownThemes" rows={ownThemes} />
      {ownCount + ownThemes.length > 0 && (
        <InlineButton type="button" onClick={() => void savePack()}>
          Save what is our own as a file
        </InlineButton>
      )}
    </Collapsible>
  );
}
