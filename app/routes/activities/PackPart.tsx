import { Alert, Button, Checkbox } from "antd";
import { type FetcherWithComponents, useFetcher } from "react-router";
import type { PackView, Taken } from "../../engine/commands/packs";
import { atWork } from "../../ui/actionResult";
import { LinkAct } from "../../ui/controls/Act";
import { FileField } from "../../ui/controls/FileField";
import { Fold } from "../../ui/controls/Fold";
import { FileFaults } from "../../ui/FileFaults";
import { Send, useAsJson } from "../../ui/Send";
import { saveFile } from "../../ui/saveFile";
import { countText } from "../../words/numbers";
import type { PackAnswer } from "./actions";

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
function View({ view, isAtWork }: { view: PackView; isAtWork: boolean }) {
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
          <Checkbox name="replace" value="yes">
            Take what is otherwise in the file in place of ours
          </Checkbox>
        </p>
      )}
      {fresh.length + changed.length + pictures > 0 && (
        <Button type="primary" htmlType="submit" name="intent" value="take" loading={isAtWork}>
          Take them
        </Button>
      )}
    </>
  );
}

const countIn = (rows: Readonly<Record<string, readonly unknown[]>>) =>
  Object.values(rows).reduce((sum, list) => sum + list.length, 0);

/** What came of a pack, with a way back. */
function Done({ taken, fetcher }: { taken: Taken; fetcher: FetcherWithComponents<PackAnswer> }) {
  const asJson = useAsJson();
  const [came, replaced] = [countIn(taken.came), countIn(taken.before)];
  return (
    <p role="status">
      {came === 0 && replaced === 0
        ? "Nothing was taken."
        : `Taken: ${came} new${replaced > 0 ? `, ${replaced} in place of ours` : ""}. `}
      {came + replaced > 0 && (
        <LinkAct onClick={() => void fetcher.submit({ intent: "take-back", ...taken } as never, asJson)}>
          Take it back
        </LinkAct>
      )}
    </p>
  );
}

interface OwnRowsProps {
  title: string;
  table: "ownSkills" | "ownThemes";
  rows: readonly { id: string; name: string }[];
  fetcher: FetcherWithComponents<PackAnswer>;
}

/** Skills or themes of our own, each to be taken away. */
const OwnRows = ({ title, table, rows, fetcher }: OwnRowsProps) =>
  rows.length > 0 && (
    <Send fetcher={fetcher} values={{ intent: "remove-row", table }}>
      <h3>{title}</h3>
      <ul className="bare">
        {rows.map(({ id, name }) => (
          <li key={id}>
            {name}{" "}
            <LinkAct name="row" value={id} aria-label={`Remove ${name}`}>
              Remove
            </LinkAct>
          </li>
        ))}
      </ul>
    </Send>
  );

interface PackPartProps {
  ownSkills: OwnRowsProps["rows"];
  ownThemes: OwnRowsProps["rows"];
  /** How many activities are our own. */
  ownCount: number;
  /** What is our own, as the text of a pack. */
  ownPackText(): Promise<string>;
}

/** What others have made, looked at before it is taken, and what is ours as a file for somebody else. */
export function PackPart({ ownCount, ownPackText, ownSkills, ownThemes }: PackPartProps) {
  const fetcher = useFetcher<PackAnswer>();
  const { issues = [], view, taken, isTakenBack, removed } = fetcher.data ?? {};
  return (
    <Fold title="Activities from a file">
      <Send fetcher={fetcher}>
        <div className="row">
          <FileField label="A pack file" name="file" accept=".json,application/json" />
          <Button htmlType="submit" name="intent" value="look" loading={atWork(fetcher)}>
            Look at it
          </Button>
        </div>
        {view && <View view={view} isAtWork={atWork(fetcher)} />}
      </Send>
      <p className="quiet">
        Activities, things, skills, themes and pictures that others have made. Every plan judges them by the
        same safety rules as the built-in ones.
      </p>
      {issues.length > 0 && <FileFaults issues={issues} />}
      {taken && <Done taken={taken} fetcher={fetcher} />}
      {isTakenBack && <p role="status">It is as it was before.</p>}
      {removed && (
        <Send fetcher={fetcher} values={{ intent: "restore-row", ...removed }}>
          <span role="status">Removed.</span> <LinkAct>Undo</LinkAct>
        </Send>
      )}
      <OwnRows title="Skills of our own" table="ownSkills" rows={ownSkills} fetcher={fetcher} />
      <OwnRows title="Themes of our own" table="ownThemes" rows={ownThemes} fetcher={fetcher} />
      {ownCount + ownThemes.length > 0 && (
        <LinkAct
          type="button"
          onClick={async () => saveFile("orto-pack.json", await ownPackText(), "application/json")}
        >
          Save what is our own as a file
        </LinkAct>
      )}
    </Fold>
  );
}
