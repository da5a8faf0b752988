import { Button } from "antd";
import { useState } from "react";
import type { Result } from "../../core/model";
import type { Merged } from "../../engine/store/mergeFile";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { Collapsible } from "../../ui/controls/Collapsible";
import { FileField } from "../../ui/controls/FileField";
import { FileFaults } from "../../ui/FileFaults";
import { LongWork } from "../../ui/LongWork";
import { useLongWork } from "../../ui/useLongWork";
import { cameGroups, type NamesById } from "../../words/merge";
import { mergeFrom } from "../../workers/filesClient";

/** What came from the other device, row by row, and the way back. */
function Came({ merged, names }: { merged: Merged; names: NamesById }) {
  const restore = useCommand("household.restoreCopy");
  const { copy } = merged;
  const groups = cameGroups(merged.came, names);
  if (restore.answer !== undefined) return <p role="status">It is as it was before.</p>;
  return (
    <>
      <p role="status">
        <strong>
          {groups.length === 0 ? "Nothing was new." : "Put together. From the other device came:"}
        </strong>
      </p>
      {groups.map((group) => (
        <Collapsible key={group.title} title={group.title}>
          <ul>
            {group.rows.map((text, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: two rows may read alike, and the list never changes.
              <li key={i}>{text}</li>
            ))}
            {group.more > 0 && <li>and {group.more} more</li>}
          </ul>
        </Collapsible>
      ))}
      {copy && groups.length > 0 && (
        <InlineButton onClick={() => void restore.run({ copy })}>Undo all of it</InlineButton>
      )}
    </>
  );
}

/** Two devices of one household put together: a file of the other, and what came of it. */
export function MergePart({ onDone, names }: { onDone(): void; names: NamesById }) {
  const [file, setFile] = useState<File>();
  const work = useLongWork<Result<Merged>>();
  const begin = async () => {
    if (!file) return;
    const merged = await work.run((watched) => mergeFrom(file, watched));
    if (merged?.ok) onDone();
  };
  return (
    <section aria-label="Another device" className="gap">
      <h3>Another device of yours</h3>
      <p className="quiet">
        Save a backup file there, choose it here: the notes and changes of both are then here. Do the same
        there with a file from here, and both are the same.
      </p>
      <div className="row gap">
        <FileField
          label="A backup file of the other device"
          name="other"
          accept=".zip,.json,application/zip,application/json"
          onFile={setFile}
        />
        <Button disabled={!file || work.isAtWork} onClick={() => void begin()}>
          Put together
        </Button>
      </div>
      <LongWork what="Putting together" work={work} />
      {work.result && !work.result.ok && <FileFaults issues={work.result.issues} />}
      {work.result?.ok && <Came merged={work.result.value} names={names} />}
    </section>
  );
}
