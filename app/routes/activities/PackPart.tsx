import { Alert, Button } from "antd";
import { useFetcher } from "react-router";
import type { Activity, Material } from "../../core/model";
import { atWork } from "../../ui/actionResult";
import { LinkAct } from "../../ui/controls/Act";
import { FileField } from "../../ui/controls/FileField";
import { Fold } from "../../ui/controls/Fold";
import { Send } from "../../ui/Send";
import { saveFile } from "../../ui/saveFile";
import type { PackAnswer } from "./actions";

/** So many faults of a bad file are listed. */
const SHOWN_FAULTS = 8;

async function savePack(own: readonly Activity[], ownMaterials: readonly Material[]) {
  const { packOf } = await import("../../core/content");
  saveFile("orto-pack.json", JSON.stringify(packOf(own, ownMaterials), null, 1), "application/json");
}

/** Activities from a file, and ours as a file for somebody else. */
export function PackPart({
  own,
  ownMaterials,
}: {
  own: readonly Activity[];
  ownMaterials: readonly Material[];
}) {
  const fetcher = useFetcher<PackAnswer>();
  const issues = fetcher.data?.issues ?? [];
  const done = fetcher.data?.done;
  const dangers = done?.dangers ?? [];
  return (
    <Fold title="Activities from a file" className="pack-part">
      <Send fetcher={fetcher}>
        <FileField label="A pack file" name="file" accept=".json,application/json" />{" "}
        <Button htmlType="submit" loading={atWork(fetcher)}>
          Add them
        </Button>
      </Send>
      <p className="quiet">Every plan judges them by the same safety rules as the built-in ones.</p>
      {issues.length > 0 && (
        <div className="fault" role="alert">
          <strong>Nothing was added.</strong>
          <ul>
            {issues.slice(0, SHOWN_FAULTS).map((issue) => (
              <li key={`${issue.path} ${issue.message}`}>
                {issue.path && <code>{issue.path}</code>} {issue.message}
              </li>
            ))}
          </ul>
          {issues.length > SHOWN_FAULTS && <p>and {issues.length - SHOWN_FAULTS} more.</p>}
        </div>
      )}
      {done && (
        <p role="status">
          {done.activities} activities and {done.materials} things are added.
          {done.known > 0 && ` ${done.known} were here already and stay as they are.`}
        </p>
      )}
      {dangers.length > 0 && (
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
      )}
      {own.length > 0 && (
        <LinkAct type="button" onClick={() => void savePack(own, ownMaterials)}>
          Save our {own.length} own as a file
        </LinkAct>
      )}
    </Fold>
  );
}
