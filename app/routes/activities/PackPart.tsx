import { Alert, Button, Checkbox } from "antd";
import { type FetcherWithComponents, useFetcher } from "react-router";
import type { PackView, Taken } from "../../commands/packs";
import type { Activity, Material } from "../../core/model";
import { atWork } from "../../ui/actionResult";
import { LinkAct } from "../../ui/controls/Act";
import { FileField } from "../../ui/controls/FileField";
import { Fold } from "../../ui/controls/Fold";
import { FileFaults } from "../../ui/FileFaults";
import { AS_JSON, Send } from "../../ui/Send";
import { saveFile } from "../../ui/saveFile";
import type { PackAnswer } from "./actions";

async function savePack(own: readonly Activity[], ownMaterials: readonly Material[]) {
  const { packOf } = await import("../../core/content");
  saveFile("orto-pack.json", JSON.stringify(packOf(own, ownMaterials), null, 1), "application/json");
}

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
  const { fresh, changed, same, builtIn, dangers } = view;
  return (
    <>
      <ul role="status">
        <li>{fresh.length === 0 ? "Nothing in it is new." : `New: ${namesIn(fresh)}.`}</li>
        {changed.length > 0 && <li>Otherwise than ours: {namesIn(changed)}.</li>}
        {same > 0 && <li>The same as ours: {same}.</li>}
        {builtIn.length > 0 && <li>Built in, and stays as it is: {namesIn(builtIn)}.</li>}
      </ul>
      {dangers.length > 0 && <Dangers dangers={dangers} />}
      {changed.length > 0 && (
        <p>
          <Checkbox name="replace" value="yes">
            Take what is otherwise in the file in place of ours
          </Checkbox>
        </p>
      )}
      {(fresh.length > 0 || changed.length > 0) && (
        <Button type="primary" htmlType="submit" name="intent" value="take" loading={isAtWork}>
          Take them
        </Button>
      )}
    </>
  );
}

/** What came of a pack, with a way back. */
function Done({ taken, fetcher }: { taken: Taken; fetcher: FetcherWithComponents<PackAnswer> }) {
  const { came, replaced, ...back } = taken;
  return (
    <p role="status">
      {came === 0 && replaced === 0
        ? "Nothing was taken."
        : `Taken: ${came} new${replaced > 0 ? `, ${replaced} in place of ours` : ""}. `}
      {came + replaced > 0 && (
        <LinkAct onClick={() => void fetcher.submit({ intent: "take-back", ...back } as never, AS_JSON)}>
          Take it back
        </LinkAct>
      )}
    </p>
  );
}

/** Activities from a file, looked at before they are taken, and ours as a file for somebody else. */
export function PackPart({
  own,
  ownMaterials,
}: {
  own: readonly Activity[];
  ownMaterials: readonly Material[];
}) {
  const fetcher = useFetcher<PackAnswer>();
  const { issues = [], view, taken, isTakenBack } = fetcher.data ?? {};
  return (
    <Fold title="Activities from a file">
      <Send fetcher={fetcher}>
        <FileField label="A pack file" name="file" accept=".json,application/json" />{" "}
        <Button htmlType="submit" name="intent" value="look" loading={atWork(fetcher)}>
          Look at it
        </Button>
        {view && <View view={view} isAtWork={atWork(fetcher)} />}
      </Send>
      <p className="quiet">Every plan judges them by the same safety rules as the built-in ones.</p>
      {issues.length > 0 && <FileFaults issues={issues} />}
      {taken && <Done taken={taken} fetcher={fetcher} />}
      {isTakenBack && <p role="status">It is as it was before.</p>}
      {own.length > 0 && (
        <LinkAct type="button" onClick={() => void savePack(own, ownMaterials)}>
          Save our {own.length} own as a file
        </LinkAct>
      )}
    </Fold>
  );
}
